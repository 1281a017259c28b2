import { Box } from '@chakra-ui/react';
import type { ReactNode } from 'react';

/** A drawing that would be too small to read on a narrow screen slides under the finger instead. */
export const Slides = ({ least, children }: { least: number; children: ReactNode }) => (
  <Box overflowX="auto" tabIndex={0} _focusVisible={{ outlineOffset: '-2px' }}>
    <Box minW={`${least}px`}>{children}</Box>
  </Box>
);
