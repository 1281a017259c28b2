import { Box, chakra, Flex } from '@chakra-ui/react';
import { useEffect, useRef, useState } from 'react';
import { useKeepTrace, usePress, useTraces } from '../../api/seating';
import type { Ask, Pair, PressTraceResult } from '../../api/types';
import { Button } from '../../controls/Button';
import { Select } from '../../controls/Field';
import { LevelMark } from '../../controls/LevelMark';
import { useBench } from '../../job/bench';
import { useSay, useUnits } from '../../words/person';
import { length } from '../../words/say';
import { PressPlot } from './PressPlot';

/** What a simulated press can play; a real one pays no heed. */
const PLAYS = [
  ['good', 'a good seating'],
  ['cocked', 'a cocked ring'],
  ['dirty_bore', 'dirt in the bore'],
  ['oversize', 'a ring too large'],
  ['early_home', 'something on the shoulder'],
  ['missing_sleeve', 'no spacer tube'],
  ['loose', 'a loose bore'],
] as const;
/** Kinds of a trace that are no outcome. */
const UNSETTLED = ['waiting', 'going'];
const PACES = ['1', '3', '8'];

/** The press gauge beside the bench: its curve live with the verdict on it, kept when it ends; or a trace from a file. */
export function PressPanel({ seat, outcome }: { seat: string; outcome: Ask | undefined }) {
  const say = useSay();
  const bench = useBench();
  const units = useUnits();
  const { pressing, begin, stop } = usePress(bench.job.id, seat);
  const { data: traces } = useTraces(bench.job.id, seat);
  const keep = useKeepTrace(bench.job.id, seat);
  const [play, setPlay] = useState<(typeof PLAYS)[number][0]>('good');
  const [pace, setPace] = useState('1');
  const [seed, setSeed] = useState(1);
  const kept = traces?.data[0];
  const simulated = traces?.stand_in === true;
  const keeps = traces?.keeps !== false;
  const live = pressing.setup && (pressing.running || pressing.samples.length > 1);
  const shown = live
    ? { setup: pressing.setup, samples: pressing.samples, result: pressing.result }
    : kept && {
        setup: kept.setup,
        samples: kept.samples.map((one): Pair => [one.travel_mm, one.force_n]),
        result: kept.result,
      };
  const note = (result: PressTraceResult) => {
    if (!outcome || UNSETTLED.includes(result.kind)) return;
    bench.keep(outcome.place, { choice: result.kind, ...(simulated && { simulated }) });
  };
  const { mutate } = keep;
  const file = useRef<HTMLInputElement>(null);
  const began = useRef(false);
  const tube = bench.report.tray.some((item) => item.kind === 'sleeve');

  // A pressing that has ended is kept by itself: nobody presses Save with a hand on the lever.
  // biome-ignore lint/correctness/useExhaustiveDependencies: once, when it ends
  useEffect(() => {
    if (keeps && began.current && !pressing.running && pressing.samples.length > 1) {
      began.current = false;
      mutate(pressing.samples, { onSuccess: (trace) => note(trace.result) });
    }
  }, [pressing.running]);

  return (
    <Box as="section" aria-label="Press gauge" borderTopWidth="1px" borderColor="line" pt="3">
      <Flex gap="2" wrap="wrap" align="center" mb="2">
        {pressing.running ? (
          <Button onClick={stop}>Stop the press</Button>
        ) : (
          <Button
            look="plain"
            disabled={bench.closed}
            onClick={() => {
              began.current = true;
              void begin(play, seed, Number(pace));
              setSeed(seed + 1);
            }}
          >
            Watch the press
          </Button>
        )}
        {simulated && (
          <>
            <chakra.strong color="brass">Simulated press</chakra.strong>
            <Select
              aria-label="What the simulated press plays"
              value={play}
              onChange={(e) => setPlay(PLAYS.find(([value]) => value === e.target.value)?.[0] ?? 'good')}
              w="auto"
            >
              {PLAYS.filter(([value]) => tube || value !== 'missing_sleeve').map(([value, name]) => (
                <option key={value} value={value}>
                  {name}
                </option>
              ))}
            </Select>
            <Select aria-label="How fast" value={pace} onChange={(e) => setPace(e.target.value)} w="auto">
              {PACES.map((one) => (
                <option key={one} value={one}>{`× ${one}`}</option>
              ))}
            </Select>
            {!keeps && (
              <chakra.span color="mute" fontSize="14px">
                To look at: nothing of it is kept in this job.
              </chakra.span>
            )}
          </>
        )}
      </Flex>
      {pressing.refusal && !pressing.running && (
        <Box role="alert" color="oxide" fontSize="14px">
          {pressing.refusal.message}
        </Box>
      )}
      {shown?.setup && (
        <>
          {shown.result && (
            <Flex role="status" align="center" gap="3" mb="1" color={TONES[shown.result.verdict.level]}>
              <LevelMark level={shown.result.verdict.level} size={30} />
              <chakra.span fontFamily="heading" fontWeight="600" fontSize="28px">
                {say(shown.result.verdict.headline)}
              </chakra.span>
            </Flex>
          )}
          <PressPlot
            say={say}
            setup={shown.setup}
            samples={shown.samples}
            result={shown.result}
            travel={(mm) => length(mm, units, 1)}
          />
          {shown.result && <chakra.p fontSize="14px">{say(shown.result.verdict.sentence)}</chakra.p>}
          {(simulated || kept?.source === 'stand_in') && (
            <chakra.p color="brass" fontSize="14px">
              Of the simulated press, not of this wheel.
            </chakra.p>
          )}
          {!shown.setup.measured && (
            <chakra.p fontSize="13.5px" color="mute">
              The fit was not measured: the band is what makers aim for.
            </chakra.p>
          )}
        </>
      )}
      <Flex gap="4" mt="2" align="center" fontSize="14px" wrap="wrap">
        <Button look="quiet" px="0" disabled={bench.closed} onClick={() => file.current?.click()}>
          Trace from a file
        </Button>
        <input
          ref={file}
          type="file"
          accept=".csv,text/csv"
          hidden
          aria-label="Trace from a file"
          disabled={bench.closed}
          onChange={(e) => {
            const chosen = e.target.files?.[0];
            if (chosen) keep.mutate(chosen, { onSuccess: (trace) => note(trace.result) });
            e.target.value = '';
          }}
        />
        {kept && !pressing.running && (
          <chakra.a color="blue" href={`/files/jobs/${bench.job.id}/trace-${kept.id}.csv`}>
            This trace as CSV
          </chakra.a>
        )}
        {keep.error && (
          <chakra.span role="alert" color="oxide">
            {keep.error.about('file') ?? keep.error.message}
          </chakra.span>
        )}
      </Flex>
    </Box>
  );
}

const TONES = { go: 'verdigris', care: 'brass', stop: 'oxide' } as const;
