import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import { Link } from 'react-router';
import { useOrders, useReceive } from '../../api/buying';
import type { OrderSheet } from '../../api/types';
import { Button } from '../../controls/Button';
import { More } from '../../controls/More';
import { Empty, Loading, Trouble } from '../../controls/States';
import { dayOfYear } from '../../words/day';
import { money } from '../../words/say';

const due = (order: OrderSheet): string => {
  if (order.days === null) return 'no date known';
  const at = new Date(order.ordered_at);
  at.setDate(at.getDate() + order.days);
  return `due ${dayOfYear(at.toISOString())}`;
};

/** Orders, the newest first; what came is booked in line by line. */
export function Orders() {
  const orders = useOrders();
  const { data, error, refetch } = orders;
  if (!data) return error ? <Trouble refusal={error} again={refetch} /> : <Loading what="the orders" />;
  if (data.length === 0)
    return <Empty title="Nothing is ordered">In a job, Source orders its list the cheapest or the soonest way.</Empty>;
  return (
    <Box>
      {data.map((order) => (
        <One key={order.id} order={order} />
      ))}
      <More of={orders} comes />
    </Box>
  );
}

function One({ order }: { order: OrderSheet }) {
  const { mutate: receive, isPending, error } = useReceive(order.id);
  const open = order.lines.filter((line) => line.received < line.quantity);
  return (
    <Grid
      as="section"
      aria-label={`Order ${order.number}`}
      templateColumns={{ base: '1fr', lg: '270px minmax(0, 1fr)' }}
      gap="5"
      px="6"
      py="4"
      borderBottomWidth="1px"
      borderColor="line"
    >
      <Box>
        <chakra.h2 fontSize="21px">{order.supplier}</chakra.h2>
        <chakra.p color={order.here ? 'verdigris' : 'brass'} fontWeight="600">
          {order.here ? 'All here' : due(order)}
        </chakra.p>
        <chakra.p color="mute" fontSize="14px">
          Order {order.number}, {dayOfYear(order.ordered_at)}, by {order.by}
        </chakra.p>
        <Link to={`/jobs/${order.job}/source`}>
          <chakra.span color="blue" fontSize="14.5px">
            {order.machine}, job {order.job_number}
          </chakra.span>
        </Link>
        <Flex gap="4" mt="1">
          {(['pdf', 'csv'] as const).map((form) => (
            <chakra.a
              key={form}
              href={`/files/orders/${order.id}/order.${form}`}
              target={form === 'pdf' ? '_blank' : undefined}
              rel="noreferrer"
              display="inline-flex"
              alignItems="center"
              minH="44px"
              color="blue"
              fontFamily="heading"
              fontWeight="600"
            >
              {form === 'pdf' ? 'Print' : 'CSV'}
            </chakra.a>
          ))}
        </Flex>
      </Box>
      <Box>
        {order.lines.map((line) => (
          <Grid
            key={line.id}
            templateColumns="minmax(0, 1fr) auto 150px"
            columnGap="4"
            alignItems="center"
            minH="44px"
            borderBottomWidth="1px"
            borderColor="line"
          >
            <Box>
              <chakra.strong fontFamily="heading" fontSize="17px">
                {line.quantity}× {line.article}
              </chakra.strong>
              <chakra.span color="mute" fontSize="14px">
                {' '}
                {line.what}
              </chakra.span>
            </Box>
            <chakra.span fontVariantNumeric="tabular-nums">{money(line.price_minor, order.currency)}</chakra.span>
            {line.received >= line.quantity ? (
              <chakra.span color="verdigris" fontWeight="600">
                ✓ here
              </chakra.span>
            ) : (
              <Flex align="center" gap="1">
                <Button
                  look="quiet"
                  disabled={isPending}
                  aria-label={`+1 ${line.article}: one more came`}
                  onClick={() => receive([{ id: line.id, received: line.received + 1 }])}
                >
                  +1
                </Button>
                <chakra.span fontSize="14px" color="mute">
                  {line.received} of {line.quantity} here
                </chakra.span>
              </Flex>
            )}
          </Grid>
        ))}
        <Flex justify="space-between" align="center" mt="2" gap="3" wrap="wrap">
          {open.length > 0 ? (
            <Button
              look="plain"
              disabled={isPending}
              onClick={() => receive(open.map((line) => ({ id: line.id, received: line.quantity })))}
            >
              All of it came
            </Button>
          ) : (
            <span />
          )}
          <chakra.span fontFamily="heading" fontWeight="600" fontSize="19px">
            {money(order.goods_minor + order.carriage_minor, order.currency)}
            {order.carriage_minor > 0 && (
              <chakra.span color="mute" fontSize="14px">
                {' '}
                with carriage
              </chakra.span>
            )}
          </chakra.span>
        </Flex>
        {error && (
          <Box role="alert" color="oxide" fontSize="14px">
            {error.message}
          </Box>
        )}
      </Box>
    </Grid>
  );
}
