import { Box, chakra, Flex } from '@chakra-ui/react';
import { type FormEvent, useEffect, useState } from 'react';
import { useHands, useTakeOver } from '../api/hands';
import type { HandsCard } from '../api/types';
import { Button } from '../controls/Button';
import { Input, Labelled } from '../controls/Field';
import { Loading, Trouble } from '../controls/States';
import { usePerson } from '../words/person';

/** Who stands here: those with a code, each a large name; then the digits. */
export function Hands({ onDone }: { onDone: () => void }) {
  const me = usePerson();
  const { data, error, refetch } = useHands(true);
  const { mutate, isPending, error: refused, reset } = useTakeOver();
  const [one, setOne] = useState<HandsCard | null>(null);
  const [code, setCode] = useState('');
  useEffect(() => {
    // Whoever stands here already is asked first.
    if (one === null && data) setOne(data.find((other) => other.id === me.id) ?? null);
  }, [data, me.id, one]);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (!one || isPending || code === '') return;
    mutate({ person: one.id, code }, { onSuccess: onDone, onError: () => setCode('') });
  };
  if (!data) return error ? <Trouble refusal={error} again={refetch} /> : <Loading what="who works here" />;
  if (data.length === 0) {
    return (
      <chakra.p>Nobody has a code yet. Each chooses one under Shop, People, and takes over with it here.</chakra.p>
    );
  }
  return (
    <Box as="form" onSubmit={submit}>
      <Flex gap="2" wrap="wrap" mb="4">
        {data.map((other) => (
          <Button
            key={other.id}
            look="answer"
            fontSize="20px"
            minH="56px"
            aria-pressed={other.id === one?.id}
            onClick={() => {
              setOne(other);
              setCode('');
              reset();
              document.getElementById('bench-code')?.focus();
            }}
          >
            {other.name}
          </Button>
        ))}
      </Flex>
      <Labelled label={one ? `Code of ${one.name}` : 'Code'} fault={refused?.about('code')}>
        {(props) => (
          <Input
            {...props}
            id="bench-code"
            kind="reading"
            type="password"
            inputMode="numeric"
            autoComplete="off"
            maxLength={6}
            autoFocus
            value={code}
            onChange={(e) => setCode(e.target.value.replace(/\D/g, ''))}
          />
        )}
      </Labelled>
      {refused && refused.problem.errors.length === 0 && (
        <Box role="alert" color="oxide" mt="2">
          {refused.message}
        </Box>
      )}
      <Button type="submit" mt="4" minH="56px" w="100%" disabled={isPending || one === null || code.length < 4}>
        {one && one.id !== me.id ? `${one.name} takes over` : 'Go on'}
      </Button>
    </Box>
  );
}
