import { Box, chakra, Flex } from '@chakra-ui/react';
import type { JobSheet } from '../../api/types';
import { Button } from '../../controls/Button';
import { LevelMark } from '../../controls/LevelMark';
import { useSay } from '../../words/person';

/** What cannot be so, said at once; it may be kept all the same. */
export function HubFaults({
  job,
  closed,
  onKeep,
  onPick,
}: {
  job: JobSheet;
  closed: boolean;
  onKeep: (done: boolean) => void;
  onPick: (part: string) => void;
}) {
  const say = useSay();
  const { hub } = job.report;
  return (
    <Box as="section" aria-label="What cannot be" aria-live="polite" px="5" py="4">
      {hub.faults.length === 0 ? (
        <Flex gap="3" align="center">
          <LevelMark level="go" />
          <span>Everything has its place.</span>
        </Flex>
      ) : (
        <>
          <chakra.h2 fontSize="19px" mb="2">
            {hub.as_found ? 'Kept as found' : 'This cannot be so'}
          </chakra.h2>
          <Flex as="ul" direction="column" gap="2" mb="3">
            {hub.faults.map((one) => (
              <Flex as="li" key={one.say.key + one.parts.join()} gap="2">
                <LevelMark level="care" size={20} />
                <chakra.button
                  type="button"
                  textAlign="left"
                  cursor="pointer"
                  onClick={() => one.parts[0] && onPick(one.parts[0])}
                >
                  {say(one.say)}
                </chakra.button>
              </Flex>
            ))}
          </Flex>
          <Button look="plain" aria-pressed={hub.as_found} disabled={closed} onClick={() => onKeep(!hub.as_found)}>
            {hub.as_found ? '✓ Kept as found' : 'It was found so: keep it'}
          </Button>
        </>
      )}
      {hub.cautions.map((one) => (
        <chakra.p key={say(one)} mt="4" fontSize="14px" color="brass" fontWeight="500">
          {say(one)}
        </chakra.p>
      ))}
    </Box>
  );
}
