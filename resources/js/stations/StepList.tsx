import { Box, chakra } from '@chakra-ui/react';
import { useEffect, useRef } from 'react';
import type { StationReport, Step } from '../api/types';
import { LevelMark } from '../controls/LevelMark';
import { rove, roving } from '../controls/rove';
import { isStopped, type Unjudged } from '../job/bench';
import { useSay } from '../words/person';

interface Props {
  station: StationReport;
  step: Step;
  unjudged: Unjudged;
  onStep: (id: string) => void;
}

/** Whether what was entered at a step is not in its judgement yet. */
const isBehind = (step: Step, { why, places }: Unjudged): boolean =>
  why !== null && step.asks.some((ask) => places.has(ask.place));

/** How a step stands: stopped, done, or nothing; never a tick over what was not judged. */
function Standing({ step, unjudged }: { step: Step; unjudged: Unjudged }) {
  if (isBehind(step, unjudged)) {
    return (
      <chakra.span color="mute" aria-label="not judged yet" role="img">
        ···
      </chakra.span>
    );
  }
  if (isStopped(step)) return <LevelMark level="stop" size={16} />;
  return step.done ? (
    <chakra.span color="verdigris" aria-label="done" role="img">
      ✓
    </chakra.span>
  ) : null;
}

/** The steps of a station, as rows to choose from. One stop for Tab; the arrows go along them. */
export function StepRows({ station, step, unjudged, onStep }: Props) {
  const say = useSay();
  const list = useRef<HTMLOListElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: only a change of step scrolls
  useEffect(() => {
    list.current?.querySelector('[aria-current="step"]')?.scrollIntoView({ block: 'nearest' });
  }, [step.id]);
  return (
    <chakra.ol ref={list} onKeyDown={rove}>
      {station.steps.map((one, i) => {
        const current = one.id === step.id;
        return (
          <chakra.li key={one.id} bg={current ? 'wash' : undefined} borderBottomWidth="1px" borderColor="line">
            <chakra.button
              type="button"
              onClick={() => onStep(one.id)}
              aria-current={current ? 'step' : undefined}
              {...roving(current)}
              display="grid"
              gridTemplateColumns="26px 1fr auto"
              alignItems="baseline"
              w="100%"
              minH="44px"
              px="5"
              py="2"
              textAlign="left"
              cursor="pointer"
              color={one.done && !current ? 'mute' : 'ink'}
              fontWeight={current ? '600' : '400'}
            >
              <chakra.span fontFamily="heading" fontWeight="600" fontSize="16px" color={current ? 'blue' : 'mute'}>
                {i + 1}
              </chakra.span>
              <span>{say(one.title)}</span>
              <Standing step={one} unjudged={unjudged} />
            </chakra.button>
          </chakra.li>
        );
      })}
    </chakra.ol>
  );
}

/** The steps beside the work, where there is room for them. */
export const StepList = (props: Props) => (
  <Box
    as="section"
    aria-label="Steps"
    display={{ base: 'none', lg: 'block' }}
    overflowY="auto"
    borderRightWidth="1px"
    borderColor="line"
    py="1"
  >
    <StepRows {...props} />
  </Box>
);
