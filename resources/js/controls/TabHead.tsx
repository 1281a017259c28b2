import { Box, chakra, Flex } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { NavLink, useLocation } from 'react-router';
import { useTitle } from './title';

/** The head of a page that has several leaves: each with an address of its own. */
export function TabHead({
  title,
  tabs,
  children,
}: {
  title: string;
  tabs: readonly (readonly [to: string, label: string])[];
  children?: ReactNode;
}) {
  const { pathname } = useLocation();
  const leaf = tabs.find(([to]) => to === pathname)?.[1];
  useTitle(leaf === title ? undefined : leaf, title);
  return (
    <Flex as="header" align="baseline" gap="6" px="6" pt="4" borderBottomWidth="1px" borderColor="line" wrap="wrap">
      <chakra.h1 fontSize="26px" pb="3">
        {title}
      </chakra.h1>
      <Flex as="nav" aria-label={title} gap="5">
        {tabs.map(([to, label]) => (
          <NavLink key={to} to={to} end>
            {({ isActive }) => (
              <Box
                pb="3"
                pt="2"
                fontFamily="heading"
                fontWeight="600"
                fontSize="18px"
                color={isActive ? 'blue' : 'mute'}
                borderBottomWidth="3px"
                borderColor={isActive ? 'blue' : 'transparent'}
              >
                {label}
              </Box>
            )}
          </NavLink>
        ))}
      </Flex>
      {children}
    </Flex>
  );
}
