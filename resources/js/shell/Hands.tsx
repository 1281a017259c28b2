import { Box, chakra, Flex } from '@chakra-ui/react';
import { type FormEvent, useState } from 'react';
import { useHands, useTakeOver } from '../api/hands';
import { useSession } from '../api/session';
import type { HandsCard } from '../api/types';
import { Button } from '../controls/Button';
import { Input, Labelled } from '../controls/Field';
import { Loading, Trouble } from '../controls/States';
import { known, shownAgain, takesOver, unnamed, useHere } from '../offline/hands';
import { useOnline } from '../offline/online';
import { usePerson } from '../words/person';

/** Whether the server can be asked again while somebody stands here by the word of this device alone. */
export function useBack(): boolean {
  const { dataUpdatedAt } = useSession();
  const here = useHere();
  return useOnline() && here !== null && dataUpdatedAt > here.since;
}

/** Who stands here: those with a code, each a large name; then the digits. Without the server, those this device knows. */
export function Hands({ onDone, onPassword }: { onDone: () => void; onPassword: () => void }) {
  const me = usePerson();
  const online = useOnline();
  const { data, error } = useHands(online);
  const { mutate, isPending, error: refused, reset } = useTakeOver();
  const alone = !online || error?.passing === true || refused?.passing === true;
  const people: HandsCard[] | undefined = alone ? known().map(({ id, name }) => ({ id, name })) : data;
  const [one, setOne] = useState<HandsCard | null>(null);
  const [code, setCode] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  // Whoever stands here already is asked first.
  const chosen = one ?? people?.find((other) => other.id === me.id) ?? null;
  const submit = async (event: FormEvent) => {
    event.preventDefault();
    if (!chosen || isPending || code.length < 4) return;
    setCode('');
    if (alone) {
      const why = await takesOver(chosen.id, code);
      setFault(why);
      if (why === null) onDone();
      return;
    }
    mutate(
      { person: chosen.id, code },
      {
        onSuccess: () => {
          shownAgain();
          onDone();
        },
      },
    );
  };
  const said = (alone ? fault : refused?.about('code')) ?? undefined;
  if (!people) return error ? <Trouble refusal={error} /> : <Loading what="who works here" />;
  return (
    <Box as="form" onSubmit={submit}>
      {alone && (
        <chakra.p mb="3">No network. What is entered waits here, under the name of whoever stands here.</chakra.p>
      )}
      {people.length === 0 && !alone && (
        <chakra.p>Nobody has a code yet. Each chooses one under Shop, People, and takes over with it here.</chakra.p>
      )}
      <Flex gap="2" wrap="wrap" mb="4">
        {people.map((other) => (
          <Button
            key={other.id}
            look="answer"
            fontSize="20px"
            minH="56px"
            aria-pressed={other.id === chosen?.id}
            onClick={() => {
              setOne(other);
              setCode('');
              setFault(null);
              reset();
              document.getElementById('bench-code')?.focus();
            }}
          >
            {other.name}
          </Button>
        ))}
        {alone && (
          <Button
            look="quiet"
            minH="56px"
            onClick={() => {
              unnamed(me);
              onDone();
            }}
          >
            Somebody else: named later
          </Button>
        )}
      </Flex>
      {people.length > 0 && (
        <>
          <Labelled label={chosen ? `Code of ${chosen.name}` : 'Code'} fault={said}>
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
          {refused && !refused.passing && refused.problem.errors.length === 0 && (
            <Box role="alert" color="oxide" mt="2">
              {refused.message}
            </Box>
          )}
          {refused?.problem.type === '/problems/password-wanted' && (
            <Button look="plain" mt="2" onClick={onPassword}>
              Sign in with the password
            </Button>
          )}
          <Button type="submit" mt="4" minH="56px" w="100%" disabled={isPending || chosen === null || code.length < 4}>
            {chosen && chosen.id !== me.id ? `${chosen.name} takes over` : 'Go on'}
          </Button>
        </>
      )}
    </Box>
  );
}
