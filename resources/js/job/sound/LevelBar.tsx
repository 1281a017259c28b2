import { Box } from '@chakra-ui/react';

/** Softest that moves it, in decibels of full scale. */
const SOFTEST = -70;

/** How loud it is this moment: one sees that it hears. */
export function LevelBar({ level }: { level: number }) {
  const decibels = Math.max(SOFTEST, 20 * Math.log10(level + 1e-6));
  const share = 1 - decibels / SOFTEST;
  return (
    <Box
      asChild
      flex="1"
      h="24px"
      css={{
        '&::-webkit-progress-bar': {
          background: 'var(--chakra-colors-card)',
          border: '1px solid var(--chakra-colors-line)',
        },
        '&::-webkit-progress-value': {
          background: share > 0.97 ? 'var(--chakra-colors-oxide)' : 'var(--chakra-colors-verdigris)',
        },
        '&::-moz-progress-bar': {
          background: share > 0.97 ? 'var(--chakra-colors-oxide)' : 'var(--chakra-colors-verdigris)',
        },
      }}
    >
      <progress aria-label={share > 0.97 ? 'Too loud' : 'How loud it is'} max={1} value={share} />
    </Box>
  );
}
