import { Box, chakra, Flex } from '@chakra-ui/react';
import { type FormEvent, useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { useJoin } from '../../api/session';
import { Button } from '../../controls/Button';
import { Check } from '../../controls/Check';
import { Input, Labelled } from '../../controls/Field';
import { useTitle } from '../../controls/title';
import { lastMode, useMode } from '../../theme/mode';

/** Whoever was given a code chooses a password, the first or another one, and is signed in. */
export function Join() {
  const [given] = useSearchParams();
  const navigate = useNavigate();
  const { mutate, isPending, error } = useJoin();
  const [typed, setTyped] = useState({
    email: given.get('email') ?? '',
    code: given.get('code') ?? '',
    password: '',
    remember: false,
    time_code: '',
  });
  useMode(lastMode());
  useTitle('I have a code');
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (!isPending) mutate(typed, { onSuccess: () => navigate('/board', { replace: true }) });
  };
  const field = (name: 'email' | 'code' | 'password', label: string, type: string, fills: string, hint?: string) => (
    <Labelled label={label} hint={hint} fault={error?.about(name)}>
      {(props) => (
        <Input
          {...props}
          type={type}
          autoComplete={fills}
          kind={name === 'code' ? 'reading' : 'text'}
          autoFocus={name === (typed.code ? 'password' : typed.email ? 'code' : 'email')}
          value={typed[name]}
          onChange={(e) => setTyped({ ...typed, [name]: e.target.value })}
        />
      )}
    </Labelled>
  );
  return (
    <Flex as="main" minH="100%" align="center" justify="center" p="6">
      <Box as="form" onSubmit={submit} w="360px">
        <chakra.h1 fontSize="34px">I have a code</chakra.h1>
        <chakra.p color="mute" mb="5">
          The owner of your shop made it for you. It works once; then you sign in with the password you choose here.
        </chakra.p>
        <Flex direction="column" gap="4">
          {field('email', 'E-mail the code is for', 'email', 'username')}
          {field('code', 'Code', 'text', 'one-time-code')}
          {field('password', 'Choose a password', 'password', 'new-password', 'eight signs or more')}
          {(typed.time_code !== '' || error?.about('time_code')) && (
            <Labelled label="Code that your device shows" fault={error?.about('time_code')}>
              {(props) => (
                <Input
                  {...props}
                  kind="reading"
                  autoComplete="one-time-code"
                  value={typed.time_code}
                  onChange={(e) => setTyped({ ...typed, time_code: e.target.value })}
                />
              )}
            </Labelled>
          )}
          <Check checked={typed.remember} onCheck={(remember) => setTyped({ ...typed, remember })}>
            Stay signed in on this device
          </Check>
          {error && error.problem.errors.length === 0 && (
            <Box role="alert" color="oxide">
              {error.message}
            </Box>
          )}
          <Button type="submit" disabled={isPending}>
            {isPending ? 'Joining…' : 'Join'}
          </Button>
          <Link to="/sign-in">
            <chakra.span color="blue" fontWeight="600">
              I have a password
            </chakra.span>
          </Link>
        </Flex>
      </Box>
    </Flex>
  );
}
