import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import { usePlaceOrders } from '../../api/buying';
import type { BasketShown, ShoppingSheet } from '../../api/types';
import { Button } from '../../controls/Button';
import { usePerson, useSay } from '../../words/person';
import { money } from '../../words/say';
import { PricesHidden } from './PricesHidden';

export const when = (days: number | null): string =>
  days === null ? 'no date known' : days === 0 ? 'today' : days === 1 ? 'tomorrow' : `in ${days} days`;

/** The two ways to buy the list, side by side; one card when they are the same. */
export function Baskets({ job, sheet, closed }: { job: number; sheet: ShoppingSheet; closed: boolean }) {
  const { mutate: order, isPending, error, data: placed } = usePlaceOrders(job);
  const { may_buy, prices } = usePerson();
  const same = JSON.stringify(sheet.cheapest) === JSON.stringify(sheet.soonest);
  const empty = sheet.cheapest.offers.length === 0;
  if (!prices) return <PricesHidden />;
  return (
    <Box>
      {placed && (
        <chakra.p role="status" color="verdigris" fontWeight="600" mb="2">
          Ordered: {placed.map((one) => `${one.supplier}, order ${one.number}`).join('; ')}.
        </chakra.p>
      )}
      {!empty && (
        <Grid templateColumns={{ base: '1fr', sm: same ? '1fr' : '1fr 1fr' }} gap="3">
          <Card
            title={same ? 'Cheapest and soonest' : 'Cheapest'}
            basket={sheet.cheapest}
            sheet={sheet}
            onOrder={() => order('cheapest')}
            busy={isPending || closed || !may_buy}
          />
          {!same && (
            <Card
              title="Soonest"
              basket={sheet.soonest}
              sheet={sheet}
              onOrder={() => order('soonest')}
              busy={isPending || closed || !may_buy}
            />
          )}
        </Grid>
      )}
      {error && (
        <Box role="alert" color="oxide" fontSize="14px" mt="2">
          {error.message}
        </Box>
      )}
      <chakra.a
        href={`/files/jobs/${job}/quote.pdf`}
        target="_blank"
        rel="noreferrer"
        display="inline-flex"
        alignItems="center"
        minH="44px"
        mt="1"
        color="blue"
        fontFamily="heading"
        fontWeight="600"
      >
        Quote for the customer (PDF)
      </chakra.a>
    </Box>
  );
}

function Card({
  title,
  basket,
  sheet,
  onOrder,
  busy,
}: {
  title: string;
  basket: BasketShown;
  sheet: ShoppingSheet;
  onOrder: () => void;
  busy: boolean;
}) {
  const say = useSay();
  const suppliers = [...new Set(basket.offers.map((offer) => offer.supplier_name))];
  return (
    <Flex
      as="section"
      aria-label={title}
      direction="column"
      gap="2"
      p="3"
      bg="card"
      borderWidth="1.5px"
      borderColor="line"
      borderRadius="sm"
    >
      <Flex justify="space-between" align="baseline" gap="2">
        <chakra.h3 fontSize="17px">{title}</chakra.h3>
        <chakra.span color="mute" fontSize="14px">
          {when(basket.days)}
        </chakra.span>
      </Flex>
      <chakra.span fontFamily="heading" fontWeight="600" fontSize="30px" lineHeight="1">
        {money(basket.total_minor, sheet.currency)}
      </chakra.span>
      <Box as="ul" listStyleType="none" fontSize="14px" flex="1">
        {suppliers.map((name) => (
          <chakra.li key={name} py="1" borderTopWidth="1px" borderColor="line">
            <strong>{name}</strong>
            {basket.offers
              .filter((offer) => offer.supplier_name === name)
              .map((offer) => (
                <Flex key={offer.need} justify="space-between" gap="2">
                  <span>
                    {offer.quantity}× {offer.article}
                    {!offer.in_stock && <chakra.span color="brass"> not in stock</chakra.span>}
                  </span>
                  <chakra.span fontVariantNumeric="tabular-nums">{money(offer.price_minor, '')}</chakra.span>
                </Flex>
              ))}
          </chakra.li>
        ))}
        {basket.carriage_minor > 0 && (
          <Flex as="li" justify="space-between" py="1" borderTopWidth="1px" borderColor="line" color="mute">
            <span>Carriage</span>
            <span>{money(basket.carriage_minor, '')}</span>
          </Flex>
        )}
        {basket.missing.length > 0 && (
          <chakra.li py="1" color="brass" borderTopWidth="1px" borderColor="line">
            In no price list:{' '}
            {basket.missing
              .map((need) => sheet.lines[need])
              .filter((line) => line !== undefined)
              .map((line) => say(line.ask_for))
              .join('; ')}
          </chakra.li>
        )}
      </Box>
      <Button disabled={busy} onClick={onOrder}>
        Order this way
      </Button>
    </Flex>
  );
}
