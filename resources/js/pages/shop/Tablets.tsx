import { Box, chakra, Flex } from '@chakra-ui/react';
import { type FormEvent, useState } from 'react';
import { useEndTablet, useEnrol, useTablets } from '../../api/hands';
import { useChangeShop } from '../../api/shop';
import type { ShopSheet } from '../../api/types';
import { Button } from '../../controls/Button';
import { Input, Labelled } from '../../controls/Field';
import { Pick } from '../../controls/Pick';
import { day } from '../../words/day';

const LOCKS = [
  ['', 'Never'],
  ['2', '2 min'],
  ['5', '5 min'],
  ['15', '15 min'],
  ['30', '30 min'],
] as const;

/** Benches where several people take over from one another, and after how long one asks who stands there. */
export function Tablets({ shop }: { shop: ShopSheet }) {
  const { data = [] } = useTablets();
  const enrol = useEnrol();
  const end = useEndTablet();
  const lock = useChangeShop();
  const [name, setName] = useState('');
  const here = data.find((one) => one.here);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (!enrol.isPending) enrol.mutate({ name }, { onSuccess: () => setName('') });
  };
  return (
    <Box as="section" aria-label="Benches">
      <chakra.h2 fontSize="20px">One bench, several hands</chakra.h2>
      <chakra.p color="mute" fontSize="14.5px" mb="2">
        At a tablet that stands at a bench people take over from one another by a code of four to six digits. Every
        entry carries who it was.
      </chakra.p>
      <ul>
        {data.map((one) => (
          <chakra.li key={one.id} borderBottomWidth="1px" borderColor="line" py="1">
            <Flex align="center" gap="3">
              <Box flex="1">
                <strong>{one.name}</strong>
                <Box color="mute" fontSize="14px">
                  {[one.here && 'this one', `since ${day(one.since)}, by ${one.by}`].filter(Boolean).join(' · ')}
                </Box>
              </Box>
              <Button
                look="quiet"
                disabled={end.isPending}
                onClick={() => end.mutate(one.id)}
                aria-label={`${one.name}: no bench any more`}
              >
                No bench any more
              </Button>
            </Flex>
          </chakra.li>
        ))}
      </ul>
      {!here && (
        <Flex as="form" onSubmit={submit} gap="3" align="end" mt="2">
          <Box flex="1">
            <Labelled label="This device stands at" fault={enrol.error?.about('name') ?? enrol.error?.message}>
              {(props) => (
                <Input {...props} value={name} placeholder="Left bench" onChange={(e) => setName(e.target.value)} />
              )}
            </Labelled>
          </Box>
          <Button look="plain" type="submit" disabled={enrol.isPending}>
            Make it a bench
          </Button>
        </Flex>
      )}
      <Box mt="4">
        <Pick
          label="A bench that nobody touches asks who stands there after"
          options={LOCKS}
          chosen={
            (LOCKS.find(([value]) => value === String(shop.lock_minutes ?? ''))?.[0] ?? '') as (typeof LOCKS)[number][0]
          }
          disabled={lock.isPending}
          onPick={(minutes) => lock.mutate({ lock_minutes: minutes === '' ? null : Number(minutes) })}
        />
      </Box>
    </Box>
  );
}
