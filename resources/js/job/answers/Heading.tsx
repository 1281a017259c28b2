import { chakra } from '@chakra-ui/react';
import type { ReactNode } from 'react';

export const Heading = ({ children }: { children: ReactNode }) => (
  <chakra.h3 fontSize="15px" color="mute" mb="1">
    {children}
  </chakra.h3>
);
