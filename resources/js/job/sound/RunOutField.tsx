import { Box, chakra, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { Ask } from '../../api/types';
import { Button } from '../../controls/Button';
import { Sheet } from '../../controls/Sheet';
import { TapPasses } from '../../controls/TapPasses';
import { useSay } from '../../words/person';
import { useBench } from '../bench';

const FEWEST = 4;

/** How a wheel runs out, tapped as the valve passes: no microphone is needed. */
export function RunOutField({ ask }: { ask: Ask }) {
  const say = useSay();
  const bench = useBench();
  const [open, setOpen] = useState(false);
  const [times, setTimes] = useState<number[]>([]);
  const kept = bench.entries.get(ask.place)?.value?.taps;
  const count = Array.isArray(kept) ? kept.length : 0;
  const refused = bench.refused.get(ask.place);
  return (
    <Box as="fieldset" data-place={ask.place}>
      <chakra.legend fontSize="14px" color="mute" mb="1">
        {say(ask.label)}
      </chakra.legend>
      <Flex gap="3" align="center" wrap="wrap">
        {count > 0 && <chakra.span fontSize="17px">{count} passes tapped</chakra.span>}
        {!bench.closed && (
          <Button look={count > 0 ? 'quiet' : 'plain'} onClick={() => setOpen(true)}>
            {count > 0 ? 'Tap them again' : 'Tap the passes'}
          </Button>
        )}
        {count > 0 && !bench.closed && (
          <Button look="quiet" onClick={() => bench.keep(ask.place, null)}>
            Take them back
          </Button>
        )}
      </Flex>
      {refused && (
        <Box role="alert" color="oxide" fontSize="14px">
          {refused.detail}
        </Box>
      )}
      {!bench.closed && (
        <Sheet title={say(ask.label)} open={open} onClose={() => setOpen(false)}>
          <TapPasses times={times} onTimes={setTimes}>
            {times.length > 0 && (
              <Button look="quiet" onClick={() => setTimes([])}>
                Begin anew
              </Button>
            )}
            {times.length >= FEWEST && (
              <Button
                onClick={() => {
                  bench.keep(ask.place, { taps: times });
                  setTimes([]);
                  setOpen(false);
                }}
              >
                Keep them
              </Button>
            )}
          </TapPasses>
        </Sheet>
      )}
    </Box>
  );
}
