import { Flex } from '@chakra-ui/react';
import type { ReactNode } from 'react';

/** A word over the page, about what is not as usual, and what can be done about it. */
export const Bar = ({ children }: { children: ReactNode }) => (
  <Flex
    role="status"
    align="center"
    gap="4"
    px="6"
    minH="48px"
    wrap="wrap"
    bg="brassWash"
    borderBottomWidth="1px"
    borderColor="line"
  >
    {children}
  </Flex>
);
