import { Box, chakra, Flex } from '@chakra-ui/react';
import { useHabit, useShop } from '../../api/shop';
import { Button } from '../../controls/Button';
import { PageHead } from '../../controls/PageHead';
import { Loading, Trouble } from '../../controls/States';
import { useSay } from '../../words/person';
import { CalendarAddress } from './CalendarAddress';

/** How this shop goes about things: the schools it follows until a job says otherwise. */
export function Shop() {
  const say = useSay();
  const { data, error, refetch } = useShop();
  const { mutate, isPending, error: refused } = useHabit();
  return (
    <Box>
      <PageHead title={data?.name ?? 'Shop'}>
        <chakra.span color="mute">The way things are done here, until a job says otherwise</chakra.span>
      </PageHead>
      {!data && (error ? <Trouble refusal={error} again={refetch} /> : <Loading what="the shop" />)}
      <Flex direction="column" gap="6" p="6" maxW="760px">
        {data?.habits.map((habit) => (
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
                  disabled={!data.may_change || isPending}
                  onClick={() => mutate({ [habit.name]: option.value })}
                >
                  {say(option.label)}
                </Button>
              ))}
            </Flex>
          </Box>
        ))}
        {data?.may_change && <CalendarAddress />}
        {data && !data.may_change && <chakra.p color="mute">The owner changes these.</chakra.p>}
        {refused && (
          <Box role="alert" color="oxide">
            {refused.message}
          </Box>
        )}
      </Flex>
    </Box>
  );
}
