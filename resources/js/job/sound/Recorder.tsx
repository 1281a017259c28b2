import { Box, chakra, Flex } from '@chakra-ui/react';
import { useCallback, useEffect, useRef, useState } from 'react';
import { SOUND } from '../../api/limits.generated';
import { Button } from '../../controls/Button';
import { TapPad } from '../../controls/TapPad';
import { pace, scatter } from '../../controls/taps';
import { LevelBar } from './LevelBar';
import { type Microphone, NoMicrophone, openMicrophone } from './microphone';
import { waveOf } from './wave';

const REST_S = 1.5;
const LONGEST_S = 24;
const SHORTEST_S = 3;

/** What was recorded. */
export interface Take {
  wave: Blob;
  /** When the mark passed, in seconds from the start. */
  taps: number[];
  /** Whether a finger tapped the screen of this device, which the microphone takes up. */
  touched: boolean;
  /** How much sound a device that was too busy lost on the way, in seconds. */
  lost: number;
}

/** Records a spin: a second of rest, the spin, a tap at each turn. Ends by itself, or when it is told to. */
export function Recorder({
  ready,
  onTake,
  onRuns,
}: {
  /** What is to be seen to on this hub, and which mark is tapped. */
  ready?: string;
  onTake: (take: Take) => void;
  /** Told while it records: whatever would close it waits. */
  onRuns?: (runs: boolean) => void;
}) {
  const [state, setState] = useState<'ready' | 'opening' | 'on'>('ready');
  const [fault, setFault] = useState<string>();
  const [level, setLevel] = useState(0);
  const [seconds, setSeconds] = useState(0);
  const [taps, setTaps] = useState<number[]>([]);
  const run = useRef<{
    pieces: Float32Array[];
    count: number;
    from: number;
    touched: boolean;
    microphone?: Microphone;
  }>(null);
  const stop = useCallback(
    (keep: boolean, tapped: number[]) => {
      const was = run.current;
      run.current = null;
      was?.microphone?.close();
      setState('ready');
      setSeconds(0);
      setTaps([]);
      if (!was?.microphone || !keep) return;
      if (was.count < SHORTEST_S * was.microphone.rate) {
        setFault('That was shorter than three seconds: nothing can be told of it. Once more.');
        return;
      }
      onTake({
        wave: waveOf(was.pieces, was.microphone.rate),
        taps: tapped,
        touched: was.touched,
        lost: (performance.now() - was.from) / 1000 - was.count / was.microphone.rate,
      });
    },
    [onTake],
  );
  useEffect(() => onRuns?.(state === 'on'), [onRuns, state]);
  // Whoever leaves the page is not listened to any longer.
  useEffect(
    () => () => {
      run.current?.microphone?.close();
      run.current = null;
    },
    [],
  );
  const begin = async () => {
    setFault(undefined);
    setState('opening');
    const mine: NonNullable<typeof run.current> = { pieces: [], count: 0, from: 0, touched: false };
    run.current = mine;
    try {
      const microphone = await openMicrophone((piece) => {
        if (run.current !== mine) return;
        if (mine.count === 0) mine.from = performance.now();
        mine.pieces.push(piece);
        mine.count += piece.length;
        if (mine.pieces.length % 8 !== 0 || !mine.microphone) return;
        setLevel(Math.sqrt(piece.reduce((sum, sample) => sum + sample * sample, 0) / piece.length));
        setSeconds(mine.count / mine.microphone.rate);
      });
      if (run.current !== mine) {
        microphone.close();
        return;
      }
      mine.microphone = microphone;
      setState('on');
    } catch (wrong) {
      if (!(wrong instanceof NoMicrophone)) throw wrong;
      run.current = null;
      setState('ready');
      setFault(wrong.message);
    }
  };
  useEffect(() => {
    if (state === 'on' && seconds >= LONGEST_S) stop(true, taps);
  }, [state, seconds, taps, stop]);
  const tap = (at: number, touched: boolean) => {
    const mine = run.current;
    if (!mine || mine.count === 0) return;
    mine.touched ||= touched;
    const time = Math.round(at - mine.from) / 1000;
    // What came a moment ago is not on the page yet, and counts.
    setTaps((all) => (time > (all.at(-1) ?? 0) ? [...all, time] : all));
  };
  if (state !== 'on') {
    return (
      <Box>
        <Button w="100%" minH="88px" fontSize="24px" disabled={state === 'opening'} onClick={begin}>
          {state === 'opening' ? 'One moment…' : 'Begin'}
        </Button>
        {fault && (
          <Box role="alert" color="oxide" mt="2">
            {fault}
          </Box>
        )}
        <chakra.p mt="3" fontWeight="600">
          {ready ?? 'Nothing that rubs. Tap each time the valve, or a chalk mark, passes.'}
        </chakra.p>
        <chakra.p mt="2">
          Press the microphone, or a rod with it, on the part that holds this bearing. A second of rest, then one push:
          two or three turns a second, hands off and clear of what turns.
        </chakra.p>
        <chakra.p mt="2">
          {SOUND.turns_least} turns at least. A key or a pedal is best: a finger on this screen is heard.
        </chakra.p>
        <chakra.p mt="2" color="mute" fontSize="14px">
          Voices are on it, too: those at the bench of this shop can hear it. Until the job is signed it can be thrown
          away.
        </chakra.p>
      </Box>
    );
  }
  return (
    <Box>
      <Flex align="center" gap="3" mb="2">
        <LevelBar level={level} />
        <chakra.span fontFamily="heading" fontSize="24px" fontWeight="600" minW="70px" textAlign="right">
          {Math.floor(seconds)} s
        </chakra.span>
      </Flex>
      <TapPad onTap={tap} first>
        <chakra.span display="block" fontSize="44px" lineHeight="1.1">
          {taps.length} of {SOUND.turns_wanted}
        </chakra.span>
        {seconds < REST_S ? 'Keep still' : taps.length === 0 ? 'Spin it, then tap each turn' : 'Tap each turn'}
      </TapPad>
      <chakra.p role="status" mt="2" fontSize="17px" minH="28px">
        {told(taps)}
      </chakra.p>
      <Flex mt="2" justify="space-between" gap="3">
        <Button look="quiet" onClick={() => stop(false, [])}>
          Throw away
        </Button>
        <Button onClick={() => stop(true, taps)}>Stop and keep</Button>
      </Flex>
    </Box>
  );
}

/** How the taps are, and what they still want. */
function told(taps: number[]): string {
  if (taps.length === 0) return 'Without taps no part can be told';
  const [turns, off] = [pace(taps), scatter(taps)];
  if (off !== null && off > 1000 * SOUND.taps_loose) return `tap closer: ${Math.round(off)} ms off`;
  const more = SOUND.turns_least - taps.length;
  return [
    turns !== null && `${turns.toFixed(1)} turns/s`,
    off !== null && `even within ${Math.round(off)} ms`,
    more > 0 ? `${more} more at least` : taps.length < SOUND.turns_wanted ? 'enough, more are better' : 'enough',
  ]
    .filter(Boolean)
    .join(' · ');
}
