import { Box, chakra } from '@chakra-ui/react';
import { useState } from 'react';
import { Link } from 'react-router';
import { useMachines } from '../../api/shop';
import type { MachineLine } from '../../api/types';
import { Button } from '../../controls/Button';
import { FindField, useRested } from '../../controls/FindField';
import { MarkedRow } from '../../controls/MarkedRow';
import { More } from '../../controls/More';
import { PageHead } from '../../controls/PageHead';
import { Sheet } from '../../controls/Sheet';
import { Empty, Loading, Trouble } from '../../controls/States';
import { day, daysTo, soon } from '../../words/day';
import { usePerson } from '../../words/person';
import { MachineListSheet } from './MachineListSheet';

/** Every machine that was here, by name: what of it is on the bench, and what of it falls due. */
export function Machines() {
  const { may_buy } = usePerson();
  const [text, setText] = useState('');
  const [reading, setReading] = useState(false);
  const find = useRested(text);
  const machines = useMachines(find);
  const { data, error, refetch } = machines;
  return (
    <Box>
      <PageHead title="Machines">
        <FindField label="Name, model or owner" text={text} onType={setText} />
        {may_buy && (
          <Button look="quiet" ml="auto" onClick={() => setReading(true)}>
            Read a list
          </Button>
        )}
      </PageHead>
      {!data && (error ? <Trouble refusal={error} again={refetch} /> : <Loading what="the machines" />)}
      {data?.length === 0 &&
        (find === '' ? (
          <Empty title="No machine yet">The first one comes with the first job, or many at once from a list.</Empty>
        ) : (
          <Empty title={`No machine with "${find}"`}>Fewer letters find more.</Empty>
        ))}
      <ul aria-label="Machines">
        {data?.map((one) => (
          <chakra.li key={one.id} borderBottomWidth="1px" borderColor="line">
            <Link to={`/machines/${one.id}`}>
              <Row machine={one} />
            </Link>
          </chakra.li>
        ))}
      </ul>
      <More of={machines} comes />
      <Sheet title="Read a list of machines" open={reading} onClose={() => setReading(false)}>
        <MachineListSheet onDone={() => setReading(false)} />
      </Sheet>
    </Box>
  );
}

function Row({ machine }: { machine: MachineLine }) {
  const late = machine.due_on !== null && daysTo(machine.due_on) < 0;
  return (
    <MarkedRow columns="minmax(240px, 1.3fr) minmax(0, 1fr) minmax(0, 1fr)" mark={late ? 'oxide' : null}>
      <Box>
        <chakra.span fontFamily="heading" fontWeight="600" fontSize="20px">
          {machine.name}
        </chakra.span>
        <Box color="mute" fontSize="14px">
          {[machine.model, machine.owner].filter(Boolean).join(' · ')}
        </Box>
      </Box>
      <span>
        {machine.open_jobs > 0 ? (
          <chakra.strong color="blue">
            {machine.open_jobs === 1 ? 'On the bench' : `${machine.open_jobs} jobs on the bench`}
          </chakra.strong>
        ) : (
          machine.last_signed_at && `Went out ${day(machine.last_signed_at)}`
        )}
      </span>
      <chakra.span color={late ? 'oxide' : 'mute'} fontWeight={late ? '600' : '400'}>
        {machine.due_on && `To look at: ${soon(machine.due_on)}`}
      </chakra.span>
    </MarkedRow>
  );
}
