import { Box, Flex, Grid } from '@chakra-ui/react';
import { type FormEvent, useState } from 'react';
import { useChangeMachine, useEraseCustomer } from '../../api/shop';
import type { MachineCard } from '../../api/types';
import { Button } from '../../controls/Button';
import { Input, Labelled } from '../../controls/Field';
import { Sure } from '../../controls/Sure';
import { usePerson } from '../../words/person';

const FIELDS = [
  ['name', 'Its name'],
  ['model', 'Make and model'],
  ['owner', 'Owner'],
] as const;

const ERASED =
  'Whose machine it is and what they said is erased from all its jobs, for good. ' +
  'What was measured, done and signed stays, and can still be checked.';

/** What a machine is called and whose it is, put right; what was done on it stays. */
export function MachineForm({ machine, onDone }: { machine: MachineCard; onDone: () => void }) {
  const [said, setSaid] = useState({ name: machine.name, model: machine.model, owner: machine.owner });
  const { mutate, isPending, error } = useChangeMachine(machine.id);
  const erase = useEraseCustomer(machine.id);
  const { role } = usePerson();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (!isPending) mutate(said, { onSuccess: onDone });
  };
  return (
    <Box as="form" onSubmit={submit} px="6" py="4" bg="card" borderBottomWidth="1px" borderColor="line">
      <Grid templateColumns={{ base: '1fr', lg: '1fr 1fr 1fr' }} gap="4">
        {FIELDS.map(([field, label]) => (
          <Labelled key={field} label={label} fault={error?.about(field)}>
            {(props) => (
              <Input
                {...props}
                autoFocus={field === 'name'}
                value={said[field]}
                onChange={(event) => setSaid({ ...said, [field]: event.target.value })}
              />
            )}
          </Labelled>
        ))}
      </Grid>
      {error && error.problem.errors.length === 0 && (
        <Box role="alert" color="oxide" mt="2">
          {error.message}
        </Box>
      )}
      <Flex gap="3" mt="3">
        <Button type="submit" disabled={isPending}>
          Keep it so
        </Button>
        <Button look="quiet" onClick={onDone}>
          Leave it as it was
        </Button>
      </Flex>
      {role === 'owner' && (
        <Box mt="4">
          <Sure
            label="Erase the customer"
            yes="Erase it for good"
            says={ERASED}
            busy={erase.isPending}
            error={erase.error}
            onYes={() => erase.mutate(undefined, { onSuccess: onDone })}
          />
        </Box>
      )}
    </Box>
  );
}
