import { chakra, Flex } from '@chakra-ui/react';
import { type ReactNode, useState } from 'react';
import type { StationReport, Step } from '../api/types';
import { Button } from '../controls/Button';
import { Sheet } from '../controls/Sheet';
import type { Unjudged } from '../job/bench';
import { useSay } from '../words/person';
import { StepRows } from './StepList';

interface Props {
  station: StationReport;
  step: Step;
  unjudged: Unjudged;
  onStep: (id: string) => void;
  hub: ReactNode;
  more: ReactNode;
}

/** On a small screen: which step of how many, what comes next, and the way to the other steps, the drawing and the tray. */
export function FoldedSteps({ station, step, unjudged, onStep, hub, more }: Props) {
  const say = useSay();
  const [open, setOpen] = useState<'steps' | 'hub' | null>(null);
  const close = () => setOpen(null);
  const place = station.steps.findIndex((one) => one.id === step.id);
  const next = station.steps[place + 1];
  return (
    <Flex
      display={{ base: 'flex', lg: 'none' }}
      gridColumn="1 / -1"
      align="stretch"
      borderBottomWidth="1px"
      borderColor="line"
      bg="card"
    >
      <chakra.button
        type="button"
        onClick={() => setOpen('steps')}
        aria-haspopup="dialog"
        flex="1"
        minW="0"
        minH="44px"
        px="4"
        textAlign="left"
        cursor="pointer"
        display="flex"
        alignItems="center"
        gap="2"
      >
        <chakra.span fontFamily="heading" fontWeight="600" fontSize="17px" color="blue" whiteSpace="nowrap">
          {place + 1} of {station.steps.length} ▾
        </chakra.span>
        <chakra.span color="mute" fontSize="14px" lineClamp={1}>
          {next ? `next: ${say(next.title)}` : 'the last of this station'}
        </chakra.span>
      </chakra.button>
      <Button look="quiet" className="to-drawing" px="4" onClick={() => setOpen('hub')}>
        Hub, tray
      </Button>
      <Sheet title={say(station.label)} open={open === 'steps'} onClose={close}>
        <StepRows
          station={station}
          step={step}
          unjudged={unjudged}
          onStep={(id) => {
            close();
            onStep(id);
          }}
        />
        <Flex mt="3">{more}</Flex>
      </Sheet>
      <Sheet title="Hub and tray" open={open === 'hub'} onClose={close} wide>
        {hub}
      </Sheet>
    </Flex>
  );
}
