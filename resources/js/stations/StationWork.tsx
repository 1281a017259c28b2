import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import { type ComponentType, useEffect, useRef } from 'react';
import type { StationReport, Step, Words } from '../api/types';
import { Button } from '../controls/Button';
import { LevelMark } from '../controls/LevelMark';
import { AnswersPanel } from '../job/AnswersPanel';
import { AllLentBar, LentBar } from '../job/LentBar';
import { OrdinaryBar } from '../job/OrdinaryBar';
import { VerdictCard } from '../job/VerdictCard';
import { useSay } from '../words/person';
import { CapturesPanel } from './check_in/CapturesPanel';
import { Carried } from './check_in/Carried';
import { BeforeAfterPanel } from './prove/BeforeAfterPanel';
import { SignOffPanel } from './prove/SignOffPanel';
import { BallsPanel } from './seat/BallsPanel';
import { ClockPanel } from './seat/ClockPanel';
import { DriverPanel } from './seat/DriverPanel';
import { HeatClockPanel } from './seat/HeatClockPanel';
import { SleevePanel } from './seat/SleevePanel';
import { ConePanel } from './set/ConePanel';
import { AxleEndsPanel, CentrePanel, FloatPanel, TaperPanel } from './set/SettingPanels';
import { TorquePanel } from './set/TorquePanel';
import { BearingPanel } from './size/BearingPanel';
import { ConversionPanel } from './size/ConversionPanel';
import { PartSizePanel } from './size/PartSizePanel';
import { SurveyPanel } from './size/SurveyPanel';
import { AssemblyPanel } from './source/AssemblyPanel';
import { BuyingListPanel } from './source/BuyingListPanel';
import { MatchPanel } from './source/MatchPanel';
import { KindPanel } from './strip/KindPanel';
import { ToolsPanel } from './strip/ToolsPanel';
import { TrayPanel } from './strip/TrayPanel';

const PANELS: Record<Step['panel'], ComponentType<{ step: Step }>> = {
  answers: AnswersPanel,
  bearing: BearingPanel,
  tray: TrayPanel,
  tools: ToolsPanel,
  captures: CapturesPanel,
  part_size: PartSizePanel,
  survey: SurveyPanel,
  conversion: ConversionPanel,
  buying_list: BuyingListPanel,
  match: MatchPanel,
  assembly: AssemblyPanel,
  driver: DriverPanel,
  heat_clock: HeatClockPanel,
  sleeve: SleevePanel,
  clock: ClockPanel,
  balls: BallsPanel,
  axle_ends: AxleEndsPanel,
  cone: ConePanel,
  taper: TaperPanel,
  axle_float: FloatPanel,
  centre: CentrePanel,
  torques: TorquePanel,
  before_after: BeforeAfterPanel,
  kind: KindPanel,
  sign_off: SignOffPanel,
};

const lasting = (minutes: number): string => (minutes < 120 ? `${minutes} min` : `${Math.round(minutes / 60)} h`);

interface Props {
  station: StationReport;
  step: Step;
  /** The step that led here by itself. */
  before: Step | null;
  onStep: (id: string) => void;
  /** To the station that follows; null at the last one. */
  onNext: { label: Words; go: () => void } | null;
}

/** A station at work: its steps, the instrument of the step, and the verdict. */
export function StationWork({ station, step, before, onStep, onNext }: Props) {
  const say = useSay();
  const list = useRef<HTMLOListElement>(null);
  const head = useRef<HTMLHeadingElement>(null);
  const Panel = PANELS[step.panel];
  const place = station.steps.findIndex((one) => one.id === step.id);
  const after = station.steps.slice(place + 1).filter((one) => !one.optional);
  const next = after.find((one) => !one.done) ?? after[0];
  // Where nothing is ever judged, the work has its room.
  const judging = step.judges || step.verdicts.length > 0 || before !== null;

  // Led here by itself: what had the focus is gone, and the next Tab goes to the first thing that is asked.
  // biome-ignore lint/correctness/useExhaustiveDependencies: once for each step that was led to
  useEffect(() => {
    if (before && (document.activeElement === document.body || document.activeElement === null)) head.current?.focus();
  }, [before, step.id]);

  // biome-ignore lint/correctness/useExhaustiveDependencies: only a change of step scrolls
  useEffect(() => {
    list.current?.querySelector('[aria-current="step"]')?.scrollIntoView({ block: 'nearest' });
  }, [step.id]);

  return (
    <Grid
      templateColumns={{ base: '1fr', md: judging ? '272px minmax(0, 1fr) 324px' : '272px minmax(0, 1fr)' }}
      minH="0"
      flex="1"
      overflow={{ md: 'hidden' }}
    >
      <Box
        as="section"
        aria-label="Steps"
        overflowY={{ md: 'auto' }}
        borderRightWidth={{ md: '1px' }}
        borderColor="line"
        py="1"
      >
        <ol ref={list}>
          {station.steps.map((one, i) => {
            const current = one.id === step.id;
            return (
              <chakra.li key={one.id} bg={current ? 'wash' : undefined} borderBottomWidth="1px" borderColor="line">
                <chakra.button
                  type="button"
                  onClick={() => onStep(one.id)}
                  aria-current={current ? 'step' : undefined}
                  display="grid"
                  gridTemplateColumns="26px 1fr auto"
                  alignItems="baseline"
                  w="100%"
                  minH="42px"
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
                  {one.done && (
                    <chakra.span color="verdigris" aria-label="done" role="img">
                      ✓
                    </chakra.span>
                  )}
                </chakra.button>
              </chakra.li>
            );
          })}
        </ol>
      </Box>
      <Box
        as="section"
        aria-label={say(step.title)}
        data-step={step.id}
        overflowY={{ md: 'auto' }}
        px="6"
        py="4"
        borderRightWidth={{ md: '1px' }}
        borderColor="line"
      >
        <Flex align="baseline" justify="space-between" gap="4">
          <chakra.h2 ref={head} tabIndex={-1} outline="none" fontSize="22px">
            {say(step.title)}
          </chakra.h2>
          {step.hand_minutes + step.wait_minutes > 0 && (
            <chakra.span color="mute" fontSize="14px" whiteSpace="nowrap">
              {`${step.hand_minutes} min${step.wait_minutes > 0 ? `, then ${lasting(step.wait_minutes)} of waiting` : ''}`}
            </chakra.span>
          )}
        </Flex>
        {step.detail && <chakra.p mt="1">{say(step.detail)}</chakra.p>}
        <Flex direction="column" gap="1" mt="2" mb="4" fontSize="14px">
          {step.tool && <Note name="With" text={say(step.tool)} />}
          {step.find && <Note name="Look for" text={say(step.find)} />}
          {step.why && <Note name="Why" text={say(step.why)} />}
          {step.caution && <Note name="Take care" text={say(step.caution)} warn />}
        </Flex>
        {station.station === 'check_in' && <Carried />}
        {step.waits_for.length > 0 && (
          <Flex role="note" bg="brassWash" color="brass" px="4" py="2.5" mb="4" gap="3" align="center" wrap="wrap">
            <chakra.span fontFamily="heading" fontWeight="600" fontSize="20px">
              Not yet
            </chakra.span>
            <span>{step.waits_for.map((one) => say(one)).join('; ')}.</span>
          </Flex>
        )}
        {step.ordinary && step.waits_for.length === 0 && <OrdinaryBar ordinary={step.ordinary} />}
        {station.ordinary && !step.done && !step.optional && <OrdinaryBar ordinary={station.ordinary} quiet />}
        {station.station === 'check_in' ? <AllLentBar /> : <LentBar asks={step.asks} />}
        <Panel key={step.id} step={step} />
        {!next && onNext && (
          <Button look={step.done ? 'main' : 'quiet'} mt="5" px="4" onClick={onNext.go}>
            Next: {say(onNext.label)}
          </Button>
        )}
        {next && (
          <Button look={step.done ? 'main' : 'quiet'} mt="5" px="4" onClick={() => onStep(next.id)}>
            Next: {say(next.title)}
          </Button>
        )}
      </Box>
      <Box
        as="section"
        aria-label="Verdict"
        aria-live="polite"
        overflowY={{ md: 'auto' }}
        tabIndex={0}
        hidden={!judging}
        display={judging ? undefined : 'none'}
      >
        {step.verdicts.map((verdict, i) => (
          <VerdictCard key={verdict.headline.key} verdict={verdict} main={i === 0} />
        ))}
        {step.verdicts.length === 0 && before && <JustBefore step={before} />}
        {step.verdicts.length === 0 && !before && (
          <chakra.p px="5" py="4" color="mute">
            Judged here, with its reasons, once enough of it is entered.
          </chakra.p>
        )}
      </Box>
    </Grid>
  );
}

const Note = ({ name, text, warn = false }: { name: string; text: string; warn?: boolean }) => (
  <Grid templateColumns="72px 1fr" color={warn ? 'brass' : 'mute'}>
    <chakra.span fontWeight="600">{name}</chakra.span>
    <chakra.span color={warn ? 'brass' : 'ink'} fontWeight={warn ? '500' : '400'}>
      {text}
    </chakra.span>
  </Grid>
);

/** What was judged at the step that led here, so that a judgement is not gone before it is read. */
function JustBefore({ step }: { step: Step }) {
  const say = useSay();
  const [verdict] = step.verdicts;
  return (
    <Box px="5" py="4" color="mute">
      <chakra.span fontSize="14px">Just before: {say(step.title)}</chakra.span>
      {verdict && (
        <Flex gap="2" mt="1" align="center">
          <LevelMark level={verdict.level} size={20} />
          <chakra.h3 fontSize="18px" color="ink">
            {say(verdict.headline)}
          </chakra.h3>
        </Flex>
      )}
    </Box>
  );
}
