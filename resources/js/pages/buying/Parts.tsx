import { Box, chakra, Flex } from '@chakra-ui/react';
import { NavLink, useParams } from 'react-router';
import { Orders } from './Orders';
import { Shelf } from './Shelf';
import { Suppliers } from './Suppliers';

const TABS = [
  ['orders', 'Orders'],
  ['shelf', 'Shelf'],
  ['suppliers', 'Suppliers'],
] as const;

/** What is bought: orders on their way, what lies on the shelf, and the counters with their price lists. */
export function Parts() {
  const { tab = 'orders' } = useParams();
  return (
    <Box>
      <Flex as="header" align="baseline" gap="6" px="6" pt="4" borderBottomWidth="1px" borderColor="line" wrap="wrap">
        <chakra.h1 fontSize="26px" pb="3">
          Parts
        </chakra.h1>
        <Flex as="nav" aria-label="Parts" gap="5">
          {TABS.map(([name, label]) => (
            <NavLink key={name} to={`/parts/${name}`}>
              <Box
                pb="3"
                pt="2"
                fontFamily="heading"
                fontWeight="600"
                fontSize="18px"
                color={tab === name ? 'blue' : 'mute'}
                borderBottomWidth="3px"
                borderColor={tab === name ? 'blue' : 'transparent'}
              >
                {label}
              </Box>
            </NavLink>
          ))}
        </Flex>
      </Flex>
      {tab === 'shelf' ? <Shelf /> : tab === 'suppliers' ? <Suppliers /> : <Orders />}
    </Box>
  );
}
