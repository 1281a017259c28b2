import { Grid } from '@chakra-ui/react';
import type { ReactNode } from 'react';

/** A row of a list, as wide as the page, with a mark at its left edge when something about it stands out. */
export const MarkedRow = ({
  columns,
  mark,
  children,
}: {
  columns: string;
  mark: 'oxide' | 'brass' | null;
  children: ReactNode;
}) => (
  <Grid
    templateColumns={{ base: '1fr', lg: columns }}
    gap={{ base: '2', lg: '5' }}
    alignItems="center"
    px="6"
    py="3"
    borderLeftWidth="6px"
    borderLeftStyle="solid"
    borderLeftColor={mark ?? 'transparent'}
    _hover={{ bg: 'wash' }}
  >
    {children}
  </Grid>
);
