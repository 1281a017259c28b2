import { Box, chakra, Flex } from '@chakra-ui/react';
import { type FormEvent, useState } from 'react';
import { useChangeShop } from '../../api/shop';
import type { ShopSheet } from '../../api/types';
import { Button } from '../../controls/Button';
import { Pick } from '../../controls/Pick';
import { ShopFields, type TypedShop } from './ShopFields';

const typedOf = (shop: ShopSheet): TypedShop => ({
  name: shop.name,
  place: shop.place,
  time_zone: shop.time_zone,
  currency: shop.currency,
  hour: (shop.hour_minor / 100).toFixed(2),
  units: shop.units as TypedShop['units'],
  paper: shop.paper as TypedShop['paper'],
  press: shop.press_n === null ? '' : `${Math.round(shop.press_n / 10) / 100} kN`,
  draw_bolt: shop.draw_bolt as TypedShop['draw_bolt'],
});

/** What is noted of the shop; only what was changed is sent. */
export function Noted({ shop }: { shop: ShopSheet }) {
  const { mutate, isPending, error } = useChangeShop();
  const was = typedOf(shop);
  const [typed, setTyped] = useState(was);
  const changed = Object.fromEntries(
    Object.entries(typed).filter(([name, value]) => value !== was[name as keyof TypedShop]),
  );
  const any = Object.keys(changed).length > 0;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (any && !isPending) mutate(changed, { onSuccess: (sheet) => setTyped(typedOf(sheet)) });
  };
  return (
    <Flex direction="column" gap="5">
      <Box as="form" onSubmit={submit} aria-label="The shop">
        <ShopFields
          typed={typed}
          onType={setTyped}
          fault={(field) => error?.about(field)}
          disabled={!shop.may_change}
        />
        {shop.may_change && (
          <Flex mt="3" gap="3" align="center">
            <Button type="submit" disabled={!any || isPending}>
              {isPending ? 'Keeping…' : 'Keep it so'}
            </Button>
            {any && (
              <Button look="quiet" onClick={() => setTyped(was)}>
                As it was
              </Button>
            )}
            <chakra.span role="status" color="mute">
              {!any && !isPending && 'All kept'}
            </chakra.span>
          </Flex>
        )}
      </Box>
      {shop.may_change && (
        <Flex gap="8" wrap="wrap">
          <Pick
            label="Who works here"
            hint={shop.alone ? 'No roles, no other people.' : 'Each with a role, under People.'}
            options={[
              ['alone', 'Just me'],
              ['several', 'Several people'],
            ]}
            chosen={shop.alone ? 'alone' : 'several'}
            disabled={isPending}
            onPick={(chosen) => mutate({ alone: chosen === 'alone' })}
          />
          <Pick
            label="Prices"
            hint="What parts cost, quotes and orders, in a job."
            options={[
              ['shown', 'Shown'],
              ['hidden', 'Hidden'],
            ]}
            chosen={shop.prices ? 'shown' : 'hidden'}
            disabled={isPending}
            onPick={(chosen) => mutate({ prices: chosen === 'shown' })}
          />
        </Flex>
      )}
      {error && error.problem.errors.length === 0 && (
        <Box role="alert" color="oxide">
          {error.message}
        </Box>
      )}
    </Flex>
  );
}
