import { Box, chakra, Flex } from '@chakra-ui/react';
import { type FormEvent, useState } from 'react';
import { type Right, useEndToken, useMakeToken, useTokens } from '../../api/access';
import { Button } from '../../controls/Button';
import { Check } from '../../controls/Check';
import { Input, Labelled } from '../../controls/Field';
import { day } from '../../words/day';

const RIGHTS: [Right, string, string][] = [
  ['read', 'reads', 'jobs, machines, tools, calculators'],
  ['readings', 'adds readings', 'photos and press traces too'],
  ['work', 'works', 'jobs, machines, tools, shelf, orders'],
];

const said = (rights: string[]): string =>
  RIGHTS.filter(([right]) => rights.includes(right))
    .map(([, label]) => label)
    .join(', ');

/** Access for devices and scripts, in one's own name; each can be ended at once. */
export function Tokens() {
  const { data = [] } = useTokens();
  const end = useEndToken();
  return (
    <Box as="section" aria-label="Devices and scripts">
      <chakra.h2 fontSize="20px">Devices and scripts</chakra.h2>
      <chakra.p color="mute" fontSize="14.5px" mb="2">
        A gauge or a script sends readings with a token, in the name of whoever made it. How: docs/operations.md.
      </chakra.p>
      <ul aria-label="Tokens">
        {data.map((one) => (
          <chakra.li key={one.id} borderBottomWidth="1px" borderColor="line" py="1">
            <Flex align="center" gap="3">
              <Box flex="1" minW="0">
                <strong>{one.name}</strong>
                <Box color="mute" fontSize="14px">
                  {[
                    one.by,
                    said(one.rights),
                    one.until && `until ${day(one.until)}`,
                    one.used_at ? `last used ${day(one.used_at)}` : 'never used',
                  ]
                    .filter(Boolean)
                    .join(' · ')}
                </Box>
              </Box>
              <Button
                look="quiet"
                disabled={end.isPending}
                onClick={() => end.mutate(one.id)}
                aria-label={`End ${one.name}`}
              >
                End it
              </Button>
            </Flex>
          </chakra.li>
        ))}
      </ul>
      <NewToken />
    </Box>
  );
}

function NewToken() {
  const { mutate, data, isPending, error, reset } = useMakeToken();
  const [name, setName] = useState('');
  const [days, setDays] = useState('365');
  const [rights, setRights] = useState<Right[]>(['readings']);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (!isPending) mutate({ name, days: Number(days), rights }, { onSuccess: () => setName('') });
  };
  if (data) {
    return (
      <Box role="status" mt="3">
        <Labelled label={`Token of ${data.card.name}`} hint="Copy it now: it is not shown again.">
          {(props) => (
            <Input {...props} readOnly value={data.token} onFocus={(event) => event.currentTarget.select()} />
          )}
        </Labelled>
        <Button look="quiet" mt="1" onClick={reset}>
          It is copied
        </Button>
      </Box>
    );
  }
  return (
    <Box as="form" onSubmit={submit} mt="3" aria-label="New token">
      <Flex gap="3">
        <Box flex="1">
          <Labelled label="What it is for" fault={error?.about('name')}>
            {(props) => <Input {...props} value={name} onChange={(e) => setName(e.target.value)} />}
          </Labelled>
        </Box>
        <Box w="110px">
          <Labelled label="Days it holds" fault={error?.about('days')}>
            {(props) => <Input {...props} inputMode="numeric" value={days} onChange={(e) => setDays(e.target.value)} />}
          </Labelled>
        </Box>
      </Flex>
      {RIGHTS.map(([right, label, what]) => (
        <Check
          key={right}
          checked={rights.includes(right)}
          onCheck={(on) => setRights(on ? [...rights, right] : rights.filter((one) => one !== right))}
        >
          <span>
            {label}, <chakra.span color="mute">{what}</chakra.span>
          </span>
        </Check>
      ))}
      {(error?.about('rights') || (error && error.problem.errors.length === 0)) && (
        <Box role="alert" color="oxide">
          {error.about('rights') ?? error.message}
        </Box>
      )}
      <Button look="plain" type="submit" disabled={isPending} mt="2">
        {isPending ? 'Making…' : 'Make a token'}
      </Button>
    </Box>
  );
}
