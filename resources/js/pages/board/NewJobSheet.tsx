import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import { type FormEvent, useState } from 'react';
import { useNavigate } from 'react-router';
import { useOpenJobs, usePatterns } from '../../api/jobs';
import { useAddMachine } from '../../api/shop';
import { Button } from '../../controls/Button';
import { Area, Input, Labelled, Select } from '../../controls/Field';
import { Sheet } from '../../controls/Sheet';
import { useSay } from '../../words/person';
import { MachinePick, type Picked } from './MachinePick';

const WHEELS = [
  'Front wheel',
  'Rear wheel',
  'Left wheel',
  'Right wheel',
  'Front left',
  'Front right',
  'Rear left',
  'Rear right',
];
const SETS: [string, string[]][] = [
  ['Front and rear', ['Front wheel', 'Rear wheel']],
  ['All four', ['Front left', 'Front right', 'Rear left', 'Rear right']],
];

interface Wheel {
  key: number;
  wheel: string;
  pattern: string;
}

let keys = 0;
const wheel = (name: string, pattern: string): Wheel => ({ key: ++keys, wheel: name, pattern });

/** Opens a job for each wheel that is looked at: which machine, which wheels, how their hubs are built, what the customer says. */
export function NewJobSheet({ open, onClose }: { open: boolean; onClose: () => void }) {
  const say = useSay();
  const { data: patterns = [] } = usePatterns();
  const addMachine = useAddMachine();
  const openJobs = useOpenJobs();
  const navigate = useNavigate();
  const [machine, setMachine] = useState<Picked | null>(null);
  const [model, setModel] = useState('');
  const [owner, setOwner] = useState('');
  const [complaint, setComplaint] = useState('');
  const [wheels, setWheels] = useState<Wheel[]>([wheel('Front wheel', '')]);
  const busy = addMachine.isPending || openJobs.isPending;

  const change = (key: number, to: Partial<Wheel>) =>
    setWheels((before) => before.map((one) => (one.key === key ? { ...one, ...to } : one)));
  const submit = async (event: FormEvent) => {
    event.preventDefault();
    if (busy) return;
    try {
      const id =
        machine?.id === null
          ? (await addMachine.mutateAsync({ name: machine.name, model, owner })).id
          : (machine?.id ?? 0);
      // Noted once: what is wrong beside it does not note it again.
      if (machine) setMachine({ id, name: machine.name });
      const jobs = await openJobs.mutateAsync({
        machine_id: id,
        complaint,
        wheels: wheels.map(({ key: _key, ...one }) => one),
      });
      onClose();
      navigate(jobs.length === 1 && jobs[0] ? `/jobs/${jobs[0].id}/check_in` : '/board');
    } catch {
      // The sentence stands beside its field; what was typed stays.
    }
  };
  const fault = (field: string) => openJobs.error?.about(field);
  const metOn = (pattern: string) => {
    const about = patterns.find((one) => one.id === pattern);
    return about && say(about.met_on);
  };

  return (
    <Sheet title="Open a job" open={open} onClose={onClose}>
      <Flex as="form" onSubmit={submit} direction="column" gap="3">
        <MachinePick
          picked={machine}
          onPick={setMachine}
          fault={fault('machine_id') ?? addMachine.error?.about('name')}
        />
        {machine?.id === null && (
          <Grid templateColumns="1fr 1fr" gap="3">
            <Labelled label="Make and model" fault={addMachine.error?.about('model')}>
              {(props) => <Input {...props} value={model} onChange={(e) => setModel(e.target.value)} />}
            </Labelled>
            <Labelled label="Owner" fault={addMachine.error?.about('owner')}>
              {(props) => <Input {...props} value={owner} onChange={(e) => setOwner(e.target.value)} />}
            </Labelled>
          </Grid>
        )}
        <datalist id="wheels">
          {WHEELS.map((one) => (
            <option key={one}>{one}</option>
          ))}
        </datalist>
        {wheels.map((one, i) => (
          <Grid
            key={one.key}
            as="fieldset"
            templateColumns={{ base: '1fr', sm: '136px 1fr auto' }}
            gap="2"
            alignItems="start"
          >
            <Labelled label={i === 0 ? 'Which wheel' : `Wheel ${i + 1}`} fault={fault(`wheels.${i}.wheel`)}>
              {(props) => (
                <Input
                  {...props}
                  list="wheels"
                  value={one.wheel}
                  onChange={(e) => change(one.key, { wheel: e.target.value })}
                />
              )}
            </Labelled>
            <Labelled
              label={i === 0 ? 'How its hub is built' : `Hub ${i + 1}`}
              fault={fault(`wheels.${i}.pattern`)}
              hint={one.pattern === wheels[i - 1]?.pattern ? undefined : metOn(one.pattern)}
            >
              {(props) => (
                <Select {...props} value={one.pattern} onChange={(e) => change(one.key, { pattern: e.target.value })}>
                  <option value="">Choose…</option>
                  {patterns.map((pattern) => (
                    <option key={pattern.id} value={pattern.id}>
                      {say(pattern.name)}
                    </option>
                  ))}
                </Select>
              )}
            </Labelled>
            {wheels.length > 1 && (
              <Button
                look="quiet"
                mt="6"
                aria-label={`Leave out ${one.wheel}`}
                onClick={() => setWheels(wheels.filter((other) => other.key !== one.key))}
              >
                Leave out
              </Button>
            )}
          </Grid>
        ))}
        <Flex gap="2" wrap="wrap" align="center">
          <Button look="quiet" onClick={() => setWheels([...wheels, wheel('', wheels.at(-1)?.pattern ?? '')])}>
            Another wheel
          </Button>
          {SETS.map(([label, names]) => (
            <Button
              key={label}
              look="quiet"
              onClick={() => setWheels(names.map((one) => wheel(one, wheels[0]?.pattern ?? '')))}
            >
              {label}
            </Button>
          ))}
        </Flex>
        {fault('wheels') && (
          <Box role="alert" color="oxide">
            {fault('wheels')}
          </Box>
        )}
        <Labelled label="What the customer says" fault={fault('complaint')}>
          {(props) => <Area {...props} value={complaint} onChange={(e) => setComplaint(e.target.value)} />}
        </Labelled>
        {openJobs.error && openJobs.error.problem.errors.length === 0 && (
          <Box role="alert" color="oxide">
            {openJobs.error.message}
          </Box>
        )}
        <Flex align="center" gap="3">
          <Button type="submit" disabled={busy}>
            {wheels.length === 1 ? 'Open it' : `Open ${wheels.length} jobs`}
          </Button>
          {wheels.length > 1 && (
            <chakra.span color="mute" fontSize="14px">
              One job a wheel, all with the same complaint.
            </chakra.span>
          )}
        </Flex>
      </Flex>
    </Sheet>
  );
}
