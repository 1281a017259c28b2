import { Box, Flex } from '@chakra-ui/react';
import { type FormEvent, useState } from 'react';
import { useNavigate } from 'react-router';
import { useOpenJob } from '../api/jobs';
import { useAddMachine, useMachines } from '../api/shop';
import { Button } from '../parts/Button';
import { Area, Input, Labelled, Select } from '../parts/Field';
import { Sheet } from '../parts/Sheet';

const NEW = 'new';
const WHEELS = ['Front wheel', 'Rear wheel', 'Left wheel', 'Right wheel'];

/** Opens a job: which machine, which wheel, what the customer says. */
export function NewJobSheet({ open, onClose }: { open: boolean; onClose: () => void }) {
  const { data: machines = [] } = useMachines();
  const addMachine = useAddMachine();
  const openJob = useOpenJob();
  const navigate = useNavigate();
  const [machine, setMachine] = useState('');
  const [name, setName] = useState('');
  const [model, setModel] = useState('');
  const [owner, setOwner] = useState('');
  const [wheel, setWheel] = useState('Front wheel');
  const [complaint, setComplaint] = useState('');
  const busy = addMachine.isPending || openJob.isPending;

  const submit = async (event: FormEvent) => {
    event.preventDefault();
    if (busy) return;
    try {
      const id = machine === NEW ? (await addMachine.mutateAsync({ name, model, owner })).id : Number(machine);
      if (machine === NEW) setMachine(String(id));
      const job = await openJob.mutateAsync({ machine_id: id, wheel, pattern: 'pair-sleeve', complaint });
      onClose();
      navigate(`/jobs/${job.id}/check_in`);
    } catch {
      // The sentence stands beside its field; what was typed stays.
    }
  };
  const fault = (field: string) => openJob.error?.about(field);

  return (
    <Sheet title="Open a job" open={open} onClose={onClose}>
      <Flex as="form" onSubmit={submit} direction="column" gap="3">
        <Labelled label="Machine" fault={fault('machine_id')}>
          {(props) => (
            <Select {...props} value={machine} onChange={(e) => setMachine(e.target.value)}>
              <option value="">Choose…</option>
              {machines.map((one) => (
                <option key={one.id} value={one.id}>
                  {one.name}, {one.owner}
                </option>
              ))}
              <option value={NEW}>A machine not seen before</option>
            </Select>
          )}
        </Labelled>
        {machine === NEW && (
          <Flex gap="3" wrap="wrap">
            <Labelled label="Its name" fault={addMachine.error?.about('name')}>
              {(props) => <Input {...props} value={name} onChange={(e) => setName(e.target.value)} />}
            </Labelled>
            <Labelled label="Make and model" fault={addMachine.error?.about('model')}>
              {(props) => <Input {...props} value={model} onChange={(e) => setModel(e.target.value)} />}
            </Labelled>
            <Labelled label="Owner" fault={addMachine.error?.about('owner')}>
              {(props) => <Input {...props} value={owner} onChange={(e) => setOwner(e.target.value)} />}
            </Labelled>
          </Flex>
        )}
        <Labelled label="Which wheel" fault={fault('wheel')}>
          {(props) => <Input {...props} list="wheels" value={wheel} onChange={(e) => setWheel(e.target.value)} />}
        </Labelled>
        <datalist id="wheels">
          {WHEELS.map((one) => (
            <option key={one}>{one}</option>
          ))}
        </datalist>
        <Labelled label="What the customer says" fault={fault('complaint')}>
          {(props) => <Area {...props} value={complaint} onChange={(e) => setComplaint(e.target.value)} />}
        </Labelled>
        <Box color="mute" fontSize="14px">
          Hub: two cartridges and a loose sleeve.
        </Box>
        {openJob.error && openJob.error.problem.errors.length === 0 && (
          <Box role="alert" color="oxide">
            {openJob.error.message}
          </Box>
        )}
        <Button type="submit" disabled={busy} alignSelf="start">
          Open it
        </Button>
      </Flex>
    </Sheet>
  );
}
