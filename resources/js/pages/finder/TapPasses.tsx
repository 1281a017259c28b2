import { Box, chakra, Flex } from '@chakra-ui/react';
import { useRef } from 'react';
import { Button } from '../../controls/Button';

interface Props {
  /** Times of the passes so far, in seconds, apart by spaces. */
  passes: string;
  onPasses: (passes: string) => void;
  /** Keeps them as what it was before, and begins anew. */
  onBefore: () => void;
}

/** How far apart taps lie from an even slowing, in milliseconds; null while there are too few. */
function scatter(times: number[]): number | null {
  const gaps = times.slice(1).map((time, i) => time - (times[i] as number));
  const bends = gaps.slice(2).map((gap, i) => gap - 2 * (gaps[i + 1] as number) + (gaps[i] as number));
  if (bends.length < 2) return null;
  // A tap that is off shows in three gaps that stand side by side: 1, −3, 3, −1 of it.
  return 1000 * Math.sqrt(bends.reduce((sum, one) => sum + one * one, 0) / bends.length / 20);
}

/** A place to tap each time the valve passes, with a thumb or a key: how many, how fast and how even is seen as it goes. */
export function TapPasses({ passes, onPasses, onBefore }: Props) {
  const begun = useRef<number | null>(null);
  const times = passes.trim() === '' ? [] : passes.trim().split(/\s+/).map(Number);
  const tap = (at: number) => {
    if (begun.current === null || times.length === 0) begun.current = at;
    onPasses([...(times.length === 0 ? [] : [passes.trim()]), ((at - begun.current) / 1000).toFixed(3)].join(' '));
  };
  const last = times.at(-1);
  const before = times.at(-2);
  const off = scatter(times);
  const said = [
    times.length > 0 && `${times.length} ${times.length === 1 ? 'pass' : 'passes'}`,
    last !== undefined && before !== undefined && last > before && `${(1 / (last - before)).toFixed(1)} turns/s`,
    off !== null && `even within ${Math.round(off)} ms`,
  ].filter(Boolean);
  return (
    <Box mt="3">
      <chakra.button
        type="button"
        w="100%"
        minH="120px"
        borderWidth="2px"
        borderColor="blue"
        borderRadius="sm"
        bg="wash"
        color="blue"
        fontFamily="heading"
        fontWeight="600"
        fontSize="24px"
        cursor="pointer"
        touchAction="manipulation"
        onPointerDown={(event) => tap(event.timeStamp)}
        onKeyDown={(event) => {
          if (event.repeat || (event.key !== ' ' && event.key !== 'Enter')) return;
          event.preventDefault();
          tap(event.timeStamp);
        }}
      >
        Tap each time the valve passes
      </chakra.button>
      <Flex mt="1" gap="4" align="center" wrap="wrap" minH="44px">
        <chakra.span role="status" fontSize="17px">
          {said.length > 0 ? said.join(' · ') : 'Spin it, brake off. With a key: space, while this is chosen.'}
        </chakra.span>
        {times.length > 0 && (
          <Button look="quiet" onClick={() => onPasses('')}>
            Begin anew
          </Button>
        )}
        {times.length > 3 && (
          <Button look="quiet" onClick={onBefore}>
            That was before
          </Button>
        )}
      </Flex>
    </Box>
  );
}
