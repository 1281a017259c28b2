import { Box, Flex } from '@chakra-ui/react';
import { useRef, useState } from 'react';
import { hold } from '../../api/held';
import { Button } from '../../controls/Button';
import { Sheet } from '../../controls/Sheet';
import { Recorder, type Take } from '../../job/sound/Recorder';
import type { Given } from './given';

/** What a recording is asked for by itself: these are filled in by recording, not by typing. */
export const RECORDED = ['recording', 'samples', 'samples_a_second', 'before', 'before_passes', 'taps_are_heard'];

/** A spin to be listened to with no job around it: recorded here, or from a file; and one from before to hold it against. */
export function ListenPanel({ given, onChange }: { given: Given; onChange: (given: Given) => void }) {
  const [open, setOpen] = useState(false);
  const [runs, setRuns] = useState(false);
  const input = useRef<HTMLInputElement>(null);
  const take = async ({ wave, taps, touched }: Take) => {
    setOpen(false);
    onChange({
      ...given,
      samples: undefined,
      recording: await hold(wave),
      passes: taps.map((tap) => tap.toFixed(3)).join(' '),
      taps_are_heard: touched || undefined,
    });
  };
  return (
    <Box mt="3">
      <Flex gap="2" wrap="wrap" align="center">
        <Button minH="56px" onClick={() => setOpen(true)}>
          {given.recording ? 'Record it again' : 'Record a spin'}
        </Button>
        <input
          ref={input}
          type="file"
          accept=".wav,audio/wav,audio/x-wav"
          hidden
          onChange={(event) => {
            const file = event.target.files?.[0];
            if (file) void take({ wave: file, taps: [], touched: false, lost: 0 });
            event.target.value = '';
          }}
        />
        <Button look="quiet" onClick={() => input.current?.click()}>
          A file
        </Button>
        {given.recording !== undefined && (
          <Button
            look="quiet"
            onClick={() =>
              onChange({
                ...given,
                before: given.recording,
                before_passes: given.passes,
                recording: undefined,
                passes: undefined,
              })
            }
          >
            That was before
          </Button>
        )}
        {given.before !== undefined && <span>One from before is held.</span>}
      </Flex>
      <Sheet title="Record a spin" open={open} stays={runs} onClose={() => setOpen(false)}>
        <Recorder onRuns={setRuns} onTake={(one) => void take(one)} />
      </Sheet>
    </Box>
  );
}
