import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import type { Step } from '../../api/types';
import { AskField } from '../../job/AskField';
import { useBench } from '../../job/bench';
import { useUnits } from '../../words/person';
import { length } from '../../words/say';
import { AdapterPicture } from './AdapterPicture';
import { BoltCircle } from './BoltCircle';

/** What is asked of a fastener, as its places are told apart. */
type About =
  | 'torque'
  | 'spanner'
  | 'thread'
  | 'source'
  | 'treatment'
  | 'bolts'
  | 'done'
  | 'grade'
  | 'wrench'
  | 'adapter'
  | 'wrench_length'
  | 'adapter_turned';

const ADAPTER: About[] = ['adapter', 'wrench_length', 'adapter_turned'];

/** One fastener: its figure large, where it comes from, what it takes, the wrench, and that it is done. */
export function TorquePanel({ step }: { step: Step }) {
  const bench = useBench();
  const units = useUnits();
  const of = (about: About) => step.asks.find((ask) => ask.role === `fastener_${about}`);
  const field = (about: About) => {
    const ask = of(about);
    return ask && <AskField ask={ask} />;
  };
  const number = (about: About, key: string): number => {
    const value = bench.entries.get(of(about)?.place ?? '')?.value?.[key];
    return typeof value === 'number' ? value : 0;
  };
  const [adapter, wrench, bolts] = [number('adapter', 'mm'), number('wrench_length', 'mm'), number('bolts', 'count')];
  return (
    <Flex direction="column" gap="4" data-fields="">
      <Grid templateColumns="repeat(auto-fit, minmax(140px, 1fr))" gap="4">
        <Box>{field('torque')}</Box>
        <Box>{field('spanner')}</Box>
        <Box>{field('thread')}</Box>
      </Grid>
      {field('source')}
      {field('treatment')}
      <Grid templateColumns={bolts > 2 ? { base: '1fr', sm: '180px 1fr' } : '1fr'} gap="4" alignItems="center">
        {bolts > 2 && <BoltCircle bolts={bolts} />}
        <Flex direction="column" gap="3">
          {field('bolts')}
          {field('done')}
        </Flex>
      </Grid>
      <chakra.details open={adapter > 0}>
        <chakra.summary color="blue" fontWeight="600" minH="44px" py="2.5" cursor="pointer">
          Grade, wrench and adapter
        </chakra.summary>
        <Flex direction="column" gap="3">
          {field('grade')}
          {field('wrench')}
          {adapter > 0 && wrench > 0 && (
            <AdapterPicture
              length={wrench}
              adapter={adapter}
              turned={number('adapter_turned', 'deg')}
              text={(mm) => length(mm, units, 0)}
            />
          )}
          <Grid templateColumns="repeat(auto-fit, minmax(190px, 1fr))" gap="4">
            {ADAPTER.map((end) => of(end) && <Box key={end}>{field(end)}</Box>)}
          </Grid>
        </Flex>
      </chakra.details>
    </Flex>
  );
}
