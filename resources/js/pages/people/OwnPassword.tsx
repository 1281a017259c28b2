import { Box, chakra, Flex } from '@chakra-ui/react';
import { type FormEvent, useState } from 'react';
import { useChangePassword } from '../../api/session';
import { Button } from '../../controls/Button';
import { Input, Labelled } from '../../controls/Field';

/** Another password of one's own. */
export function OwnPassword() {
  const { mutate, isPending, isSuccess, error } = useChangePassword();
  const [typed, setTyped] = useState({ present: '', password: '' });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (!isPending) mutate(typed, { onSuccess: () => setTyped({ present: '', password: '' }) });
  };
  const field = (name: keyof typeof typed, label: string, fills: string, hint?: string) => (
    <Labelled label={label} fault={error?.about(name)} hint={hint}>
      {(props) => (
        <Input
          {...props}
          type="password"
          autoComplete={fills}
          value={typed[name]}
          onChange={(e) => setTyped({ ...typed, [name]: e.target.value })}
        />
      )}
    </Labelled>
  );
  return (
    <Box as="form" onSubmit={submit} aria-label="Your password">
      <chakra.h2 fontSize="20px" mb="3">
        Your password
      </chakra.h2>
      <Flex direction="column" gap="3">
        {field('present', 'Present password', 'current-password')}
        {field('password', 'Another password', 'new-password', 'eight signs or more')}
        {error && error.problem.errors.length === 0 && (
          <Box role="alert" color="oxide">
            {error.message}
          </Box>
        )}
        <Button look="plain" type="submit" disabled={isPending}>
          {isPending ? 'Changing…' : 'Change it'}
        </Button>
        {isSuccess && typed.present === '' && (
          <Box role="status" color="verdigris">
            Changed. Everywhere else you are signed out.
          </Box>
        )}
      </Flex>
    </Box>
  );
}
