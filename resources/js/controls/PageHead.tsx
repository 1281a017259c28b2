import { chakra, Flex } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { useTitle } from './title';

/** The head of a page: what it is called, then whatever is said or done beside it. */
export function PageHead({ title, children }: { title: string; children?: ReactNode }) {
  useTitle(title);
  return (
    <Flex
      as="header"
      align="center"
      gap={{ base: '3', lg: '5' }}
      px="6"
      py="2"
      minH="64px"
      borderBottomWidth="1px"
      borderColor="line"
      wrap="wrap"
    >
      <chakra.h1 fontSize="26px">{title}</chakra.h1>
      {children}
    </Flex>
  );
}
