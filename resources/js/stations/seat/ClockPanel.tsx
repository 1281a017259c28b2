import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import { useState } from 'react';
import { useTrend } from '../../api/seating';
import type { Ask, Piece, Step } from '../../api/types';
import { Button } from '../../controls/Button';
import { LevelMark } from '../../controls/LevelMark';
import { ClockFace } from '../../drawing/ClockFace';
import { AskField } from '../../job/AskField';
import { type JobBench, useBench } from '../../job/bench';
import { Choices } from '../../job/Choices';
import { ReadingField } from '../../job/ReadingField';
import { useSay, useUnits } from '../../words/person';
import { amount, length, type Units } from '../../words/say';
import { NutClock } from './NutClock';
import { PressPanel } from './PressPanel';
import { TrendPlot } from './TrendPlot';

type Depth = Ask & { at: string };

const PLACES: Record<string, string[]> = {
  '3': ['12', '4', '8'],
  '4': ['12', '3', '6', '9'],
  '6': ['12', '2', '4', '6', '8', '10'],
};
const ORDER = ['12', '1', '2', '3', '4', '5', '6', '7', '8', '9', '10', '11'];

/** A depth of the ring, not of the face it is read from. */
const isDepth = (ask: Ask): ask is Depth => ask.role === 'depth' && ask.at !== null;

const values = (step: Step, name: string): number | undefined => {
  for (const verdict of step.verdicts) {
    const figure = verdict.figures.find((one) => one.name === name);
    if (figure) return figure.quantity.value;
  }
  return undefined;
};

/** What stands at a place of the clock: the depth as it is read, or as it is being typed. */
function markOf(ask: Depth, bench: JobBench, units: Units): string {
  const value = bench.entries.get(ask.place)?.value;
  if (typeof value?.mm === 'number') return amount(value.mm, 'mm', 2, units);
  return typeof value?.typed === 'string' ? value.typed : '·';
}

/** Where it is proud, how much of it was read, and whether it must come out again. */
function standing(step: Step, shape: Piece | undefined) {
  const square = step.verdicts.find((one) => one.kind === 'squareness');
  return {
    out: square?.level === 'stop',
    high: square && square.level !== 'go' ? (shape?.high_side ?? null) : null,
    tilt: values(step, 'tilt'),
  };
}

/** The live squareness gauge: depths at any places round the clock, or by eye alone; how it came; and out again when it is cocked. */
export function ClockPanel({ step }: { step: Step }) {
  const bench = useBench();
  const units = useUnits();
  const readings = step.asks.filter(isDepth);
  const read = readings.filter((ask) => bench.entries.has(ask.place));
  const [places, setPlaces] = useState<string[]>(() => startWith(read.map((ask) => ask.at)));
  const shown = ORDER.filter((hour) => places.includes(hour) || read.some((ask) => ask.at === hour))
    .map((hour) => readings.find((ask) => ask.at === hour))
    .filter((ask) => ask !== undefined);
  const of = (role: string) => step.asks.find((ask) => ask.role === role);
  const [eye, eyeClock, face, outcome, gauge] = [of('eye'), of('eye_clock'), of('face'), of('press'), of('gauge')];
  const references = step.asks.filter((ask) => ask.role === 'reference');
  const seat = readings[0]?.seat ?? '';
  const special = [eye, eyeClock, face, outcome, gauge, ...references, ...readings];
  const others = step.asks.filter((ask) => !special.includes(ask));
  const proud = eye && bench.entries.get(eye.place)?.value?.choice === 'proud';
  const shape = bench.report.section.pieces.find((one) => one.part === step.part);
  const { out, high, tilt } = standing(step, shape);
  const middle = high
    ? [out ? 'proud' : 'tap here', tilt === undefined ? '' : amount(tilt, 'mm', 2, units), `at ${high}`]
    : [read.length > 0 ? `${read.length} of ${shown.length}` : 'no depths'];
  const [nutAll, nutNow] = [values(step, 'nut_turn'), values(step, 'nut_now')];
  const again = () => {
    for (const ask of [...readings, eye, eyeClock]) {
      if (ask && bench.entries.has(ask.place)) bench.keep(ask.place, null);
    }
    // The button goes with the readings: the first of the new ones has the focus.
    document.querySelector<HTMLElement>(`input[data-place="${shown[0]?.place}"]`)?.focus();
  };

  return (
    <Flex direction="column" gap="4" data-fields="">
      <Grid templateColumns={{ base: '1fr', xl: '236px minmax(140px, 172px) 1fr' }} gap="5" alignItems="start">
        <ClockFace
          high={high}
          tone={out ? 'oxide' : 'brass'}
          middle={middle}
          onHour={(hour) =>
            setPlaces((before) => (before.includes(hour) ? before.filter((one) => one !== hour) : [...before, hour]))
          }
          marks={shown.map((ask) => ({
            hour: ask.at,
            text: markOf(ask, bench, units),
            tone: high === ask.at ? (out ? 'oxide' : 'brass') : bench.entries.has(ask.place) ? 'blue' : 'mute',
          }))}
        />
        <Box order={{ base: -1, xl: 0 }}>
          <Flex gap="1" mb="1.5" align="center" color="mute" fontSize="14px">
            {Object.entries(PLACES).map(([name, hours]) => (
              <Button
                key={name}
                look="answer"
                minW="44px"
                aria-label={`${name} places`}
                aria-pressed={hours.length === places.length && hours.every((hour) => places.includes(hour))}
                onClick={() => setPlaces(hours)}
              >
                {name}
              </Button>
            ))}
          </Flex>
          <Grid gap="1.5" templateColumns={references.length > 0 ? '30px 1fr 1fr' : '30px 1fr'} alignItems="start">
            {references.length > 0 && <Heads />}
            {shown.map((ask) => {
              const reference = references.find((one) => one.at === ask.at);
              return (
                <Row key={ask.place} hour={ask.at}>
                  {reference && <ReadingField ask={reference} label={`Reference at ${ask.at}`} short />}
                  <ReadingField ask={ask} label={`Depth at ${ask.at}`} short />
                </Row>
              );
            })}
          </Grid>
        </Box>
        <Flex direction="column" gap="3">
          {out && !bench.closed && <Button onClick={again}>It is out, start again</Button>}
          {nutNow !== undefined && nutAll !== undefined && (
            <NutClock all={nutAll} now={nutNow} text={`${Math.round(nutNow)}° now`} />
          )}
          {eye && <Choices ask={eye} columns={1} />}
          {proud && eyeClock && <Choices ask={eyeClock} />}
        </Flex>
      </Grid>
      <Trend seat={seat} step={step} />
      {face && <Choices ask={face} />}
      {others.map((ask) => (
        <AskField key={ask.place} ask={ask} />
      ))}
      {gauge && (
        <Grid templateColumns={{ base: '1fr', sm: '220px 1fr' }} gap="4">
          <ReadingField ask={gauge} />
          {outcome && <Choices ask={outcome} />}
        </Grid>
      )}
      {outcome && <PressPanel seat={seat} outcome={outcome} />}
    </Flex>
  );
}

/** The places that hold a reading, or four to begin with. */
function startWith(read: string[]): string[] {
  const known = Object.values(PLACES).find((hours) => read.length > 0 && read.every((hour) => hours.includes(hour)));
  return known ?? (read.length > 0 ? read : (PLACES['4'] as string[]));
}

const Heads = () => (
  <>
    <span />
    <chakra.span color="mute" fontSize="13px">
      face
    </chakra.span>
    <chakra.span color="mute" fontSize="13px">
      ring
    </chakra.span>
  </>
);

const Row = ({ hour, children }: { hour: string; children: React.ReactNode }) => (
  <>
    <chakra.span pt="2.5" fontFamily="heading" fontWeight="600" fontSize="18px" color="mute" aria-hidden>
      {hour}
    </chakra.span>
    {children}
  </>
);

/** From the second round on: whether it comes straight as it goes deeper. */
function Trend({ seat, step }: { seat: string; step: Step }) {
  const say = useSay();
  const bench = useBench();
  const units = useUnits();
  // What the server has acknowledged of this ring: what waits to be sent is in no round yet.
  const places = new Set(step.asks.map((one) => one.place));
  const changed = bench.job.entries
    .filter((one) => places.has(one.place))
    .map((one) => one.id)
    .join();
  const { data } = useTrend(bench.job.id, seat, changed);
  if (!data?.verdict || data.points.length < 2) return null;
  const { verdict } = data;
  return (
    <Grid templateColumns={{ base: '1fr', sm: 'minmax(0, 420px) 1fr' }} gap="4" alignItems="center">
      <TrendPlot trend={data} depth={(mm) => length(mm, units, 1)} />
      <Box>
        <Flex align="center" gap="2">
          <LevelMark level={verdict.level} size={22} />
          <chakra.span fontFamily="heading" fontWeight="600" fontSize="19px">
            {say(verdict.headline)}
          </chakra.span>
        </Flex>
        <chakra.p fontSize="14px">{say(verdict.sentence)}</chakra.p>
        {verdict.next && <chakra.p fontSize="14px">{say(verdict.next)}</chakra.p>}
      </Box>
    </Grid>
  );
}
