import { Box, chakra, Flex } from '@chakra-ui/react';
import { type ReactNode, useLayoutEffect, useRef } from 'react';
import { TapPad } from './TapPad';
import { pace, scatter } from './taps';

interface Props {
  /** Times of the passes so far, in seconds from the first. */
  times: number[];
  onTimes: (times: number[]) => void;
  /** What can be done with them. */
  children?: ReactNode;
}

/** Tapped each time the valve passes: how many, how fast and how even is seen as it goes. */
export function TapPasses({ times, onTimes, children }: Props) {
  const begun = useRef<number | null>(null);
  // What was tapped a moment ago is not on the page yet, and counts.
  const all = useRef(times);
  useLayoutEffect(() => {
    all.current = times;
  }, [times]);
  const tap = (at: number) => {
    if (begun.current === null || all.current.length === 0) begun.current = at;
    const seconds = Math.round(at - begun.current) / 1000;
    const last = all.current.at(-1);
    if (last !== undefined && seconds <= last) return;
    all.current = [...all.current, seconds];
    onTimes(all.current);
  };
  const [turns, off] = [pace(times), scatter(times)];
  const said = [
    times.length > 0 && `${times.length} ${times.length === 1 ? 'pass' : 'passes'}`,
    turns !== null && `${turns.toFixed(1)} turns/s`,
    off !== null && `even within ${Math.round(off)} ms`,
  ].filter(Boolean);
  return (
    <Box mt="3">
      <TapPad onTap={tap}>Tap each time the valve passes</TapPad>
      <Flex mt="1" gap="4" align="center" wrap="wrap" minH="44px">
        <chakra.span role="status" fontSize="17px">
          {said.length > 0 ? said.join(' · ') : 'Spin it, brake off. With a key: space, while this is chosen.'}
        </chakra.span>
        {children}
      </Flex>
    </Box>
  );
}
