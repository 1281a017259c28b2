import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import { type FormEvent, useEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { Refusal } from '../../api/client';
import { useOpenJobs, usePatterns } from '../../api/jobs';
import { useAddMachine } from '../../api/shop';
import { Button } from '../../controls/Button';
import { Area, Input, Labelled } from '../../controls/Field';
import { Sheet } from '../../controls/Sheet';
import { KindPick } from '../../job/KindPick';
import { MachinePick, type Picked } from './MachinePick';

const UNNAMED = 'Front wheel';
const WHEELS = [
  UNNAMED,
  'Rear wheel',
  'Left wheel',
  'Right wheel',
  'Front left',
  'Front right',
  'Rear left',
  'Rear right',
  'Rear axle',
  'Blade spindle',
  'Idler',
  'Freehub',
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
  const { data: patterns = [] } = usePatterns();
  const addMachine = useAddMachine();
  const openJobs = useOpenJobs();
  const navigate = useNavigate();
  const [machine, setMachine] = useState<Picked | null>(null);
  const [naming, setNaming] = useState(false);
  // Whoever was quicker than the list of machines is not told to choose one.
  const [asSoon, setAsSoon] = useState(false);
  const form = useRef<HTMLFormElement>(null);
  const [model, setModel] = useState('');
  const [owner, setOwner] = useState('');
  const [complaint, setComplaint] = useState('');
  const [wheels, setWheels] = useState<Wheel[]>([wheel(UNNAMED, '')]);
  const busy = addMachine.isPending || openJobs.isPending;

  const change = (key: number, to: Partial<Wheel>) =>
    setWheels((before) => before.map((one) => (one.key === key ? { ...one, ...to } : one)));
  const calledBy = (pattern: string) => patterns.find((about) => about.id === pattern)?.called;
  // Until somebody names it, it is called what such a hub usually is: nobody calls a blade spindle a front wheel.
  const choose = (one: Wheel, pattern: string) => {
    const unnamed = one.wheel === UNNAMED || one.wheel === calledBy(one.pattern);
    change(one.key, { pattern, wheel: (unnamed && wheels.length === 1 && calledBy(pattern)) || one.wheel });
  };
  const submit = async (event: FormEvent) => {
    event.preventDefault();
    if (busy) return;
    // A machine that is picked needs no list any more, whatever is still asked of it.
    if (naming && !machine) {
      setAsSoon(true);
      return;
    }
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
    } catch (fault) {
      // The sentence stands beside its field; what was typed stays. Anything else is a fault that must be seen.
      if (!(fault instanceof Refusal)) throw fault;
    }
  };
  useEffect(() => {
    if (!asSoon || naming) return;
    setAsSoon(false);
    // Whoever types another name after all has not chosen yet.
    if (machine) form.current?.requestSubmit();
  }, [asSoon, naming, machine]);
  const fault = (field: string) => openJobs.error?.about(field);
  // What is wrong with no field is said too, whichever of the two could not be done.
  const general = [addMachine.error, openJobs.error].find((error) => error && error.problem.errors.length === 0);
  return (
    <Sheet title="Open a job" open={open} onClose={onClose} wide>
      {/* As high whatever stands in it: a button that moves under a finger is not pressed. */}
      <Flex asChild direction="column" h="calc(88vh - 84px)" maxH="640px">
        <form ref={form} onSubmit={submit}>
          <Flex direction="column" gap="3" flex="1" minH="0" overflowY="auto" mx="-5" px="5" pb="3">
            <MachinePick
              picked={machine}
              onPick={setMachine}
              waits={naming}
              onWait={setNaming}
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
              <Flex key={one.key} direction="column" gap="2">
                <Flex gap="2" align="start">
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
                </Flex>
                <KindPick
                  label={i === 0 ? undefined : `Hub ${i + 1}`}
                  chosen={one.pattern}
                  onChoose={(pattern) => choose(one, pattern)}
                  fault={fault(`wheels.${i}.pattern`)}
                />
              </Flex>
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
            {general && (
              <Box role="alert" color="oxide">
                {general.message}
              </Box>
            )}
          </Flex>
          <Flex align="center" gap="3" pt="3" borderTopWidth="1px" borderColor="line" mx="-5" px="5">
            <Button type="submit" disabled={busy}>
              {wheels.length === 1 ? 'Open it' : `Open ${wheels.length} jobs`}
            </Button>
            {wheels.length > 1 && (
              <chakra.span color="mute" fontSize="14px">
                One job a wheel, all with the same complaint.
              </chakra.span>
            )}
          </Flex>
        </form>
      </Flex>
    </Sheet>
  );
}
