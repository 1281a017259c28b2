import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import { type ComponentType, useEffect, useRef } from 'react';
import type { StationReport, Step } from '../api/types';
import { Button } from '../controls/Button';
import { AnswersPanel } from '../job/AnswersPanel';
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
  sign_off: SignOffPanel,
};

const lasting = (minutes: number): string => (minutes < 120 ? `${minutes} min` : `${Math.round(minutes / 60)} h`);

interface Props {
  station: StationReport;
  step: Step;
  onStep: (id: string) => void;
}

/** A station at work: its steps, the instrument of the step, and the verdict. */
export function StationWork({ station, step, onStep }: Props) {
  const say = useSay();
  const list = useRef<HTMLOListElement>(null);
  const Panel = PANELS[step.panel];
  const place = station.steps.findIndex((one) => one.id === step.id);
  const next = station.steps[place + 1];

  // biome-ignore lint/correctness/useExhaustiveDependencies: only a change of step scrolls
  useEffect(() => {
    list.current?.querySelector('[aria-current="step"]')?.scrollIntoView({ block: 'nearest' });
  }, [step.id]);

  return (
    <Grid
      templateColumns={{ base: '1fr', md: '272px minmax(0, 1fr) 324px' }}
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
        overflowY={{ md: 'auto' }}
        px="6"
        py="4"
        borderRightWidth={{ md: '1px' }}
        borderColor="line"
      >
        <Flex align="baseline" justify="space-between" gap="4">
          <chakra.h2 fontSize="22px">{say(step.title)}</chakra.h2>
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
        <Panel key={step.id} step={step} />
        {next && (
          <Button look={step.done ? 'main' : 'quiet'} mt="5" px="4" onClick={() => onStep(next.id)}>
            Next: {say(next.title)}
          </Button>
        )}
      </Box>
      <Box as="section" aria-label="Verdict" aria-live="polite" overflowY={{ md: 'auto' }} tabIndex={0}>
        {step.verdicts.map((verdict, i) => (
          <VerdictCard key={verdict.headline.key} verdict={verdict} main={i === 0} />
        ))}
        {step.verdicts.length === 0 && (
          <chakra.p px="5" py="4" color="mute">
            {step.done ? 'Done. Nothing to judge at this step.' : 'Nothing to judge yet.'}
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
