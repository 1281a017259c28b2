import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import { useState } from 'react';
import type { Ask, Step } from '../../api/types';
import { ClockFace } from '../../drawing/ClockFace';
import { AskField } from '../../parts/AskField';
import { Button } from '../../parts/Button';
import { useBench } from '../../parts/bench';
import { Choices } from '../../parts/Choices';
import { useUnits } from '../../parts/person';
import { ReadingField } from '../../parts/ReadingField';
import { amount } from '../../parts/say';

const FOUR = ['12', '3', '6', '9'];
const THREE = ['12', '4', '8'];

const values = (step: Step, name: string): string | number | undefined => {
  for (const verdict of step.verdicts) {
    const figure = verdict.figures.find((one) => one.name === name);
    if (figure) return figure.quantity.value;
  }
  return undefined;
};

/** The live squareness gauge: depths round the clock, or by eye alone; where it is proud; and out again when it is cocked. */
export function ClockPanel({ step }: { step: Step }) {
  const bench = useBench();
  const units = useUnits();
  const readings = step.asks.filter((ask): ask is Ask & { at: string } => ask.kind === 'depth' && ask.at !== null);
  const hasThree = readings.some((ask) => ['4', '8'].includes(ask.at) && bench.entries.has(ask.place));
  const [three, setThree] = useState(hasThree);
  const clock = three ? THREE : FOUR;
  const shown = clock.map((hour) => readings.find((ask) => ask.at === hour)).filter((ask) => ask !== undefined);
  const eye = step.asks.find((ask) => ask.place.endsWith('.eye'));
  const eyeClock = step.asks.find((ask) => ask.place.endsWith('.eye_clock'));
  const proud = eye && bench.entries.get(eye.place)?.value?.choice === 'proud';
  const others = step.asks.filter((ask) => ask.kind !== 'depth' && ask !== eye && ask !== eyeClock);
  const side = step.id.includes('.left.') ? 'left' : 'right';
  const shape = bench.report.section.pieces.find((one) => one.kind === 'bearing' && one.side === side);
  const read = shown.filter((ask) => bench.entries.has(ask.place));
  const square = step.verdicts.find((one) => one.headline.key.startsWith('square.'));
  const out = square?.level === 'stop';
  const high = square && square.level !== 'go' ? (shape?.high_side ?? null) : null;
  const tilt = values(step, 'tilt');
  const middle = high
    ? ['proud', typeof tilt === 'number' ? amount(tilt, 'mm', 2, units) : '', `at ${high}`]
    : [read.length > 0 ? `${read.length} of ${shown.length}` : 'no depths'];
  const again = () => {
    for (const ask of [...readings, eye, eyeClock]) {
      if (ask && bench.entries.has(ask.place)) bench.keep(ask.place, null);
    }
  };

  return (
    <Flex direction="column" gap="4" data-fields="">
      <Grid templateColumns={{ base: '1fr', lg: '236px minmax(150px, 190px) 1fr' }} gap="5" alignItems="start">
        <ClockFace
          high={high}
          tone={out ? 'oxide' : 'brass'}
          middle={middle}
          marks={shown.map((ask) => {
            const mm = bench.entries.get(ask.place)?.value?.mm;
            const typed = bench.entries.get(ask.place)?.value?.typed;
            return {
              hour: ask.at,
              text: typeof mm === 'number' ? amount(mm, 'mm', 2, units) : typeof typed === 'string' ? typed : '·',
              tone: high === ask.at ? (out ? 'oxide' : 'brass') : bench.entries.has(ask.place) ? 'blue' : 'mute',
            };
          })}
        />
        <Box>
          <Grid gap="1.5">
            {shown.map((ask) => (
              <Grid key={ask.place} templateColumns="30px 1fr" alignItems="start">
                <chakra.span pt="2.5" fontFamily="heading" fontWeight="600" fontSize="18px" color="mute" aria-hidden>
                  {ask.at}
                </chakra.span>
                <ReadingField ask={ask} label={`Depth at ${ask.at}`} short />
              </Grid>
            ))}
          </Grid>
          <Button look="quiet" onClick={() => setThree(!three)}>
            {three ? 'Four places' : 'Three places'}
          </Button>
        </Box>
        <Flex direction="column" gap="3">
          {eye && <Choices ask={eye} columns={1} />}
          {proud && eyeClock && <Choices ask={eyeClock} />}
          {out && !bench.closed && <Button onClick={again}>It is out, start again</Button>}
        </Flex>
      </Grid>
      {others.map((ask) => (
        <AskField key={ask.place} ask={ask} />
      ))}
    </Flex>
  );
}
