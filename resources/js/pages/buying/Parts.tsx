import { Box } from '@chakra-ui/react';
import { useParams } from 'react-router';
import { TabHead } from '../../controls/TabHead';
import { Orders } from './Orders';
import { Shelf } from './Shelf';
import { Suppliers } from './Suppliers';

const TABS = [
  ['/parts', 'Orders'],
  ['/parts/shelf', 'Shelf'],
  ['/parts/suppliers', 'Suppliers'],
] as const;

/** What is bought: orders on their way, what lies on the shelf, and the counters with their price lists. */
export function Parts() {
  const { tab } = useParams();
  return (
    <Box>
      <TabHead title="Parts" tabs={TABS} />
      {tab === 'shelf' ? <Shelf /> : tab === 'suppliers' ? <Suppliers /> : <Orders />}
    </Box>
  );
}
