import { Box, chakra, Flex } from '@chakra-ui/react';
import type { ListenResult, SoundPicture } from '../../api/types';
import { useSay } from '../../words/person';
import { OrdersPicture } from './OrdersPicture';
import { TurnsPicture } from './TurnsPicture';

const LIKELY = ['outer_ring', 'inner_ring', 'ball', 'dry', 'rub'];

/** What a recording tells: the finding, why, and the pictures it is read off. Before and now stand on the same scale. */
export function Heard({ heard, before }: { heard: ListenResult; before?: SoundPicture | null }) {
  const say = useSay();
  const likely = heard.likelihoods[heard.finding];
  const tapped = [
    heard.turns !== null && `${heard.turns} turns at ${heard.turns_per_s?.toFixed(1)}/s`,
    heard.tap_scatter_ms !== null && `taps even within ${Math.round(heard.tap_scatter_ms)} ms`,
    `${heard.level_db.toFixed(0).replace('-', '−')} dB`,
  ].filter(Boolean);
  return (
    <Box>
      <Flex align="baseline" gap="3" wrap="wrap">
        <chakra.strong fontFamily="heading" fontSize="21px" fontWeight="600">
          {say(heard.verdict.headline)}
        </chakra.strong>
        {LIKELY.includes(heard.finding) && (
          <chakra.span color="mute">{Math.round(100 * likely)} in a hundred such recordings</chakra.span>
        )}
      </Flex>
      {heard.why.map((why) => (
        <chakra.p key={why.key}>{say(why)}</chakra.p>
      ))}
      {heard.comparison && (
        <chakra.p fontWeight="600" mt="1">
          {heard.comparison.words.map((words) => say(words)).join(' ')}
        </chakra.p>
      )}
      <chakra.p color="mute" fontSize="14px">
        {tapped.join(' · ')}
      </chakra.p>
      {heard.picture && (
        <chakra.details mt="1" open={heard.comparison !== null || undefined}>
          <chakra.summary cursor="pointer" color="blue" fontFamily="heading" fontWeight="600" minH="44px" pt="2">
            Turn by turn, and times a turn
          </chakra.summary>
          <Flex direction="column" gap="2">
            {before && <Labelled text="Before, each turn a row" turns={before.turns} />}
            <Labelled text={before ? 'Now, each turn a row' : 'Each turn a row'} turns={heard.picture.turns} />
            <OrdersPicture
              picture={heard.picture}
              before={before ?? undefined}
              label={before ? 'Orders now, and before as a thin line' : 'Orders'}
            />
          </Flex>
        </chakra.details>
      )}
    </Box>
  );
}

const Labelled = ({ text, turns }: { text: string; turns: string[] }) => (
  <Box>
    <chakra.span fontSize="14px" color="mute">
      {text}
    </chakra.span>
    <TurnsPicture turns={turns} label={text} />
  </Box>
);
