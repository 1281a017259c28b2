import { Box, chakra, Flex } from '@chakra-ui/react';
import { type FormEvent, useState } from 'react';
import { useBenchCode } from '../../api/hands';
import { Button } from '../../controls/Button';
import { Input, Labelled } from '../../controls/Field';
import { usePerson } from '../../words/person';

/** The digits by which one takes over at a bench where somebody else is signed in. */
export function BenchCode() {
  const { bench_code } = usePerson();
  const { mutate, isPending, isSuccess, error } = useBenchCode();
  const [typed, setTyped] = useState({ present: '', code: '' });
  const send = (code: string | null) =>
    mutate({ present: typed.present, code }, { onSuccess: () => setTyped({ present: '', code: '' }) });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (!isPending) send(typed.code);
  };
  return (
    <Box as="form" onSubmit={submit} aria-label="Your code at the bench">
      <chakra.h2 fontSize="20px">Your code at the bench</chakra.h2>
      <chakra.p color="mute" fontSize="14.5px" mb="2">
        {bench_code ? 'You have one.' : 'You have none yet.'} With it you take over at a bench where another is signed
        in, and sign there.
      </chakra.p>
      <Flex direction="column" gap="3">
        <Labelled label="Present password" fault={error?.about('present')}>
          {(props) => (
            <Input
              {...props}
              type="password"
              autoComplete="current-password"
              value={typed.present}
              onChange={(e) => setTyped({ ...typed, present: e.target.value })}
            />
          )}
        </Labelled>
        <Labelled label="Four to six digits" fault={error?.about('code')}>
          {(props) => (
            <Input
              {...props}
              type="password"
              inputMode="numeric"
              autoComplete="off"
              maxLength={6}
              value={typed.code}
              onChange={(e) => setTyped({ ...typed, code: e.target.value })}
            />
          )}
        </Labelled>
        {error && error.problem.errors.length === 0 && (
          <Box role="alert" color="oxide">
            {error.message}
          </Box>
        )}
        <Flex gap="3" align="center">
          <Button look="plain" type="submit" disabled={isPending}>
            {bench_code ? 'Another code' : 'Use this code'}
          </Button>
          {bench_code && (
            <Button look="quiet" disabled={isPending} onClick={() => send(null)}>
              No code
            </Button>
          )}
          {isSuccess && typed.present === '' && (
            <chakra.span role="status" color="verdigris">
              ✓ Kept
            </chakra.span>
          )}
        </Flex>
      </Flex>
    </Box>
  );
}
