import { Box, chakra, Flex } from '@chakra-ui/react';
import { useSettle } from '../../api/ahead';
import { Button } from '../../controls/Button';
import { useBench } from '../../job/bench';
import { TakeBack } from '../../job/DueLine';
import { soon } from '../../words/day';
import { useSay } from '../../words/person';

/** What earlier jobs on this machine said should be looked at when it comes in again. */
export function Carried() {
  const say = useSay();
  const { carried, machine } = useBench().job;
  const { mutate, isPending } = useSettle();
  const takeBack = <TakeBack machine={machine.id} />;
  if (carried.length === 0) return takeBack;
  return (
    <Box as="section" aria-label="From last time" mb="4" px="4" py="2" bg="brassWash">
      <chakra.h3 fontSize="17px" color="brass">
        From last time
      </chakra.h3>
      <chakra.ul listStyleType="none">
        {carried.map((item) => (
          <Flex as="li" key={item.id} align="center" gap="4">
            <Box flex="1">
              {item.words ? say(item.words) : item.what}
              <chakra.span color="mute" fontSize="14px">
                {` · ${item.wheel.toLowerCase()}`}
                {item.on ? `, due ${soon(item.on)}` : item.meter ? `, at ${item.meter}` : ''}
              </chakra.span>
            </Box>
            <Button look="quiet" disabled={isPending} onClick={() => mutate(item.id)}>
              Looked at
            </Button>
          </Flex>
        ))}
      </chakra.ul>
      {takeBack}
    </Box>
  );
}
