import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import { type FormEvent, useState } from 'react';
import { type Role, useAddPerson, usePeople } from '../../api/people';
import type { PersonCard } from '../../api/types';
import { Button } from '../../controls/Button';
import { Input, Labelled, Select } from '../../controls/Field';
import { Loading, Trouble } from '../../controls/States';
import { day } from '../../words/day';
import { usePerson } from '../../words/person';
import { ShopHead } from '../shop/ShopHead';
import { BenchCode } from './BenchCode';
import { OwnPassword } from './OwnPassword';
import { PersonSheet } from './PersonSheet';
import { ROLES, roleName } from './roles';
import { TimeCode } from './TimeCode';
import { Tokens } from './Tokens';

/** Who works here. */
export function People() {
  const me = usePerson();
  const { data, error, refetch } = usePeople();
  const [open, setOpen] = useState<number | null>(null);
  const shown = data?.people.find((one) => one.id === open);
  return (
    <Box>
      <ShopHead />
      {!data && (error ? <Trouble refusal={error} again={refetch} /> : <Loading what="the people" />)}
      {data && (
        <Grid templateColumns={{ base: 'minmax(0, 1fr)', xl: 'minmax(0, 1fr) 360px' }} gap="8" p="6" maxW="1240px">
          <Box>
            {!me.alone && (
              <ul aria-label="People">
                {data.people.map((one) => (
                  <Row key={one.id} one={one} may={data.may_change} onOpen={() => setOpen(one.id)} />
                ))}
              </ul>
            )}
            {me.alone && (
              <chakra.p color="mute" maxW="46ch">
                You work here alone: {me.name}, {me.email}. When somebody joins, say so under Shop.
              </chakra.p>
            )}
            <Grid templateColumns={{ base: 'minmax(0, 1fr)', lg: '1fr 1fr' }} gap="8" mt="10">
              <OwnPassword />
              {!me.alone && <BenchCode />}
              <TimeCode />
            </Grid>
          </Box>
          <Flex direction="column" gap="8">
            {data.may_change && !me.alone && <AddPerson onAdded={(one) => setOpen(one.id)} />}
            <Tokens />
          </Flex>
        </Grid>
      )}
      {shown && <PersonSheet key={shown.id} one={shown} mails={data?.mails ?? false} onClose={() => setOpen(null)} />}
    </Box>
  );
}

function Row({ one, may, onOpen }: { one: PersonCard; may: boolean; onOpen: () => void }) {
  const said = one.left_at
    ? `left ${day(one.left_at)}`
    : one.waits
      ? 'has not joined yet: give a code'
      : roleName(one.role);
  return (
    <chakra.li borderBottomWidth="1px" borderColor="line">
      <Flex
        align="center"
        gap={{ base: '1', lg: '4' }}
        py="2"
        wrap={{ base: 'wrap', lg: 'nowrap' }}
        opacity={one.left_at ? 0.75 : 1}
      >
        <Box flex={{ base: '1 1 100%', lg: '1' }} minW="0">
          <chakra.span fontFamily="heading" fontWeight="600" fontSize="20px">
            {one.name}
          </chakra.span>
          {one.email && (
            <Box color="mute" fontSize="14px" overflowWrap="anywhere">
              {one.email}
            </Box>
          )}
        </Box>
        <chakra.span flex={{ base: '1', lg: '0 0 230px' }} color={one.waits && !one.left_at ? 'brass' : 'ink'}>
          {said}
        </chakra.span>
        {may && (
          <Button look="quiet" onClick={onOpen} aria-label={`Change ${one.name}: role, code, leave`}>
            Change
          </Button>
        )}
      </Flex>
    </chakra.li>
  );
}

function AddPerson({ onAdded }: { onAdded: (one: PersonCard) => void }) {
  const { mutate, isPending, error } = useAddPerson();
  const [typed, setTyped] = useState({ name: '', email: '', role: 'mechanic' as Role });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (isPending) return;
    mutate(typed, {
      onSuccess: (one) => {
        setTyped({ name: '', email: '', role: 'mechanic' });
        onAdded(one);
      },
    });
  };
  return (
    <Box as="form" onSubmit={submit} aria-label="Add somebody">
      <chakra.h2 fontSize="20px" mb="3">
        Add somebody
      </chakra.h2>
      <Flex direction="column" gap="3">
        <Labelled label="Name" fault={error?.about('name')}>
          {(props) => (
            <Input {...props} value={typed.name} onChange={(e) => setTyped({ ...typed, name: e.target.value })} />
          )}
        </Labelled>
        <Labelled label="E-mail they sign in with" fault={error?.about('email')}>
          {(props) => (
            <Input
              {...props}
              type="email"
              value={typed.email}
              onChange={(e) => setTyped({ ...typed, email: e.target.value })}
            />
          )}
        </Labelled>
        <Labelled
          label="Role"
          fault={error?.about('role')}
          hint={ROLES.find(([role]) => role === typed.role)?.[2] ?? ''}
        >
          {(props) => (
            <Select
              {...props}
              value={typed.role}
              onChange={(e) => setTyped({ ...typed, role: e.target.value as Role })}
            >
              {ROLES.map(([role, label]) => (
                <option key={role} value={role}>
                  {label}
                </option>
              ))}
            </Select>
          )}
        </Labelled>
        {error && error.problem.errors.length === 0 && (
          <Box role="alert" color="oxide">
            {error.message}
          </Box>
        )}
        <Button type="submit" disabled={isPending}>
          {isPending ? 'Adding…' : 'Add'}
        </Button>
      </Flex>
    </Box>
  );
}
