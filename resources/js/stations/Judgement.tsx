import { Box, chakra, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { Step, Verdict } from '../api/types';
import { LevelMark } from '../controls/LevelMark';
import { Sheet } from '../controls/Sheet';
import { VerdictCard } from '../job/VerdictCard';
import { levelColours } from '../theme/system';
import { useSay } from '../words/person';

interface Props {
  step: Step;
  /** The step that led here by itself. */
  before: Step | null;
  /** Said when what is shown belongs to what was entered before. */
  why: string | null;
}

const grey = { filter: 'grayscale(1)', opacity: 0.5 };

/** That a judgement is not of what stands in the fields now. */
const Behind = ({ why }: { why: string }) => (
  <chakra.p px="5" py="3" fontFamily="heading" fontWeight="600" fontSize="18px" color="brass" bg="brassWash">
    {why}
  </chakra.p>
);

/** All that is judged at a step, the most important first; greyed while it belongs to what was entered before. */
const Verdicts = ({ step, before, why }: Props) => (
  <>
    {why && <Behind why={why} />}
    <Box css={why ? grey : undefined} aria-hidden={why ? true : undefined}>
      {step.verdicts.map((verdict, i) => (
        <VerdictCard key={verdict.headline.key} verdict={verdict} main={i === 0} />
      ))}
      {step.verdicts.length === 0 && before && <JustBefore step={before} />}
      {step.verdicts.length === 0 && !before && !why && (
        <chakra.p px="5" py="4" color="mute">
          Judged here, with its reasons, once enough of it is entered.
        </chakra.p>
      )}
    </Box>
  </>
);

/** The verdict beside the work. */
export const Judgement = (props: Props) => (
  <Box
    as="section"
    aria-label="Verdict"
    aria-live="polite"
    overflowY="auto"
    tabIndex={0}
    display={{ base: 'none', md: 'block' }}
    gridColumn={{ md: '2', lg: 'auto' }}
    gridRow={{ md: '2 / 4', lg: 'auto' }}
  >
    <Verdicts {...props} />
  </Box>
);

/** The verdict as a strip that stays at the bottom of a small screen; a tap opens all of it. */
export function JudgementStrip(props: Props) {
  const { step, before, why } = props;
  const say = useSay();
  const [open, setOpen] = useState(false);
  const verdict: Verdict | undefined = step.verdicts[0] ?? before?.verdicts[0];
  const colours = verdict && !why ? levelColours[verdict.level] : undefined;
  const headline = why ?? (verdict ? say(verdict.headline) : 'Judged here once enough is entered');
  return (
    <Box display={{ base: 'block', md: 'none' }} gridRow="3">
      <chakra.button
        type="button"
        aria-haspopup="dialog"
        onClick={() => setOpen(true)}
        w="100%"
        minH="48px"
        px="4"
        display="flex"
        alignItems="center"
        gap="2"
        textAlign="left"
        cursor="pointer"
        bg={colours?.ground ?? 'card'}
        color={colours?.mark ?? 'mute'}
        borderTopWidth="2px"
        borderColor={colours?.mark ?? 'line'}
      >
        {verdict && !why && <LevelMark level={verdict.level} size={24} />}
        <chakra.span
          role="status"
          flex="1"
          fontFamily="heading"
          fontWeight="600"
          fontSize={verdict || why ? '19px' : '16px'}
          lineClamp={1}
        >
          {step.verdicts.length === 0 && before && verdict ? `Just before: ${headline}` : headline}
        </chakra.span>
        <chakra.span aria-hidden>▴</chakra.span>
      </chakra.button>
      <Sheet title="Verdict" open={open} onClose={() => setOpen(false)}>
        <Verdicts {...props} />
      </Sheet>
    </Box>
  );
}

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
