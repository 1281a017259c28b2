import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import { type ComponentType, type ReactNode, useEffect, useRef } from 'react';
import type { StationReport, Step, Words } from '../api/types';
import { Button } from '../controls/Button';
import { AnswersPanel } from '../job/AnswersPanel';
import { useBench } from '../job/bench';
import { AllLentBar, LentBar } from '../job/LentBar';
import { OrdinaryBar } from '../job/OrdinaryBar';
import { useSay } from '../words/person';
import { CapturesPanel } from './check_in/CapturesPanel';
import { Carried } from './check_in/Carried';
import { FoldedSteps } from './FoldedSteps';
import { Judgement, JudgementStrip } from './Judgement';
import { BeforeAfterPanel } from './prove/BeforeAfterPanel';
import { SignOffPanel } from './prove/SignOffPanel';
import { StepList } from './StepList';
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
  /** The drawing and the tray, where there is no room for them over the work. */
  hub: ReactNode;
  /** What else can be done with the job, there. */
  more: ReactNode;
}

/** A station at work: its steps, the instrument of the step, and the verdict. On a small screen the steps fold, the verdict is a strip. */
export function StationWork({ station, step, before, onStep, onNext, hub, more }: Props) {
  const say = useSay();
  const { unjudged, report } = useBench();
  const head = useRef<HTMLHeadingElement>(null);
  const Panel = PANELS[step.panel];
  const place = station.steps.findIndex((one) => one.id === step.id);
  const after = station.steps.slice(place + 1).filter((one) => !one.optional);
  const next = after.find((one) => !one.done) ?? after[0];
  // Where nothing is ever judged, the work has its room.
  const judging = step.judges || step.verdicts.length > 0 || before !== null;
  const why =
    report.stations.findIndex((one) => one.station === station.station) >= unjudged.from ? unjudged.why : null;

  // What had the focus went with the step that was left: its heading has it, and the next Tab goes to the first thing asked.
  const seen = useRef(step.id);
  useEffect(() => {
    if (seen.current === step.id) return;
    seen.current = step.id;
    const at = document.activeElement;
    if (at === null || at === document.body || at.matches('[data-next]')) head.current?.focus();
    head.current?.closest('section')?.scrollTo({ top: 0 });
  }, [step.id]);

  return (
    <Grid
      templateColumns={{
        base: 'minmax(0, 1fr)',
        md: judging ? 'minmax(0, 1fr) 292px' : 'minmax(0, 1fr)',
        lg: judging ? '272px minmax(0, 1fr) 324px' : '272px minmax(0, 1fr)',
      }}
      templateRows={{ base: 'auto minmax(0, 1fr) auto', lg: 'minmax(0, 1fr)' }}
      minH="0"
      flex="1"
      overflow="hidden"
    >
      <StepList station={station} step={step} unjudged={unjudged} onStep={onStep} />
      <FoldedSteps station={station} step={step} unjudged={unjudged} onStep={onStep} hub={hub} more={more} />
      <Box
        as="section"
        aria-label={say(step.title)}
        data-step={step.id}
        overflowY="auto"
        px={{ base: '4', lg: '6' }}
        py={{ base: '2', lg: '4' }}
        borderRightWidth={{ md: '1px' }}
        borderColor="line"
      >
        <Flex align="baseline" justify="space-between" gap="4">
          <chakra.h2 id="step" ref={head} tabIndex={-1} outline="none" fontSize="22px">
            {say(step.title)}
          </chakra.h2>
          {step.hand_minutes + step.wait_minutes > 0 && (
            <chakra.span color="mute" fontSize="14px" whiteSpace="nowrap">
              {`${step.hand_minutes} min${step.wait_minutes > 0 ? `, then ${lasting(step.wait_minutes)} of waiting` : ''}`}
            </chakra.span>
          )}
        </Flex>
        {step.detail && <chakra.p mt="1">{say(step.detail)}</chakra.p>}
        <Flex direction="column" gap="1" mt="2" mb={{ base: '2', lg: '4' }} fontSize="14px">
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
          <Button look={step.done ? 'main' : 'quiet'} mt="5" px="4" data-next="" onClick={onNext.go}>
            Next: {say(onNext.label)}
          </Button>
        )}
        {next && (
          <Button look={step.done ? 'main' : 'quiet'} mt="5" px="4" data-next="" onClick={() => onStep(next.id)}>
            Next: {say(next.title)}
          </Button>
        )}
      </Box>
      {judging && <Judgement step={step} before={before} why={why} />}
      {judging && <JudgementStrip step={step} before={before} why={why} />}
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
