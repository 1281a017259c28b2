import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import { useChangeShop, useShop } from '../../api/shop';
import type { ShopSheet } from '../../api/types';
import { Button } from '../../controls/Button';
import { Loading, Trouble } from '../../controls/States';
import { useSay } from '../../words/person';
import { Along } from './Along';
import { CalendarAddress } from './CalendarAddress';
import { Keys } from './Keys';
import { Noted } from './Noted';
import { ShopHead } from './ShopHead';
import { Tablets } from './Tablets';

/** What is noted of this shop, and the ways it goes about things until a job says otherwise. */
export function Shop() {
  const { data, error, refetch } = useShop();
  return (
    <Box>
      <ShopHead />
      {!data && (error ? <Trouble refusal={error} again={refetch} /> : <Loading what="the shop" />)}
      {data && (
        <Grid
          templateColumns={{ base: 'minmax(0, 1fr)', xl: 'minmax(0, 1fr) minmax(0, 1fr)' }}
          gap="10"
          p="6"
          maxW="1240px"
        >
          <Flex direction="column" gap="8">
            {!data.may_change && <chakra.p color="mute">The owner changes what stands here.</chakra.p>}
            <Noted shop={data} />
            {data.may_change && !data.alone && <Tablets shop={data} />}
            {data.may_change && <CalendarAddress />}
            {data.may_change && <Keys />}
            {data.may_change && <Along />}
          </Flex>
          <Habits shop={data} />
        </Grid>
      )}
    </Box>
  );
}

function Habits({ shop }: { shop: ShopSheet }) {
  const say = useSay();
  const { mutate, isPending, error } = useChangeShop();
  return (
    <Flex direction="column" gap="6">
      <chakra.h2 fontSize="22px">The way things are done here, until a job says otherwise</chakra.h2>
      {shop.habits.map((habit) => (
        <Box as="fieldset" key={habit.name}>
          <chakra.legend fontFamily="heading" fontWeight="600" fontSize="20px">
            {say(habit.label)}
          </chakra.legend>
          <chakra.p color="mute" fontSize="14.5px" mb="2">
            {say(habit.why)}
          </chakra.p>
          <Flex gap="2" wrap="wrap">
            {habit.options.map((option) => (
              <Button
                key={option.value}
                look="answer"
                aria-pressed={habit.chosen === option.value}
                disabled={!shop.may_change || isPending}
                onClick={() => mutate({ habits: { [habit.name]: option.value } })}
              >
                {say(option.label)}
              </Button>
            ))}
          </Flex>
        </Box>
      ))}
      {error && (
        <Box role="alert" color="oxide">
          {error.message}
        </Box>
      )}
    </Flex>
  );
}
