import { Box, chakra, Flex } from '@chakra-ui/react';
import { type FormEvent, useState } from 'react';
import { Link, useLocation, useNavigate } from 'react-router';
import { useSignIn } from '../api/session';
import { Button } from '../controls/Button';
import { Check } from '../controls/Check';
import { Input, Labelled } from '../controls/Field';
import { useTitle } from '../controls/title';
import { lastMode, useMode } from '../theme/mode';
import { ink } from '../theme/system';

/** A bearing pair drawn as a marking-out: what the product is, before anyone reads a word. */
const Marking = () => (
  <chakra.svg viewBox="0 0 420 460" w="min(380px, 40vw)" aria-hidden color="blue">
    <g fill="none" stroke="currentColor" strokeWidth="1.4">
      {[180, 142, 88, 50].map((r) => (
        <circle key={r} cx="210" cy="210" r={r} />
      ))}
      <path d="M10 210H410M210 10V406" strokeDasharray="18 5 3 5" stroke={ink('mute')} />
      {Array.from({ length: 8 }, (_, i) => i * 45 + 22.5).map((turn) => (
        <circle key={turn} cx="210" cy="95" r="25" transform={`rotate(${turn} 210 210)`} />
      ))}
      <path d="M30 216V446M390 216V446" stroke={ink('mute')} strokeWidth="1" />
      <path d="M30 438H128M292 438H390M42 433l-12 5 12 5M378 433l12 5-12 5" stroke={ink('ink')} />
    </g>
    <chakra.text x="210" y="445" textAnchor="middle" fontFamily="heading" fontSize="20" fill={ink('ink')}>
      ⌀ 47.00 0 / −0.011
    </chakra.text>
  </chakra.svg>
);

interface Props {
  /** Who was signed in here last, to begin with. */
  email?: string;
  onIn?: () => void;
  /** One row over a page that is worked at. */
  inLine?: boolean;
}

/** Who it is and what they prove it with; on success nothing more is done here. */
export function SignInForm({ email: known = '', onIn, inLine = false }: Props) {
  const { mutate, isPending, error } = useSignIn();
  const [email, setEmail] = useState(known);
  const [password, setPassword] = useState('');
  const [remember, setRemember] = useState(true);
  const [code, setCode] = useState('');
  // Who uses a code beside the password is asked for it once the password was right, and until they are in.
  const [coded, setCoded] = useState(false);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (!isPending)
      mutate(
        { email, password, remember, code },
        { onError: (refusal) => setCoded(coded || refusal.about('code') !== undefined), onSuccess: onIn },
      );
  };
  const general =
    error && !error.about('email') && !error.about('password') && !error.about('code') ? error.message : undefined;
  return (
    <Flex
      as="form"
      onSubmit={submit}
      direction={inLine ? { base: 'column', sm: 'row' } : 'column'}
      align={inLine ? { sm: 'end' } : undefined}
      gap={inLine ? '3' : '4'}
      wrap={inLine ? 'wrap' : undefined}
    >
      <Labelled label="E-mail" fault={error?.about('email')}>
        {(props) => (
          <Input
            {...props}
            type="email"
            autoComplete="username"
            value={email}
            onChange={(e) => setEmail(e.target.value)}
            autoFocus={!inLine}
          />
        )}
      </Labelled>
      <Labelled label="Password" fault={error?.about('password')}>
        {(props) => (
          <Input
            {...props}
            type="password"
            autoComplete="current-password"
            value={password}
            onChange={(e) => setPassword(e.target.value)}
          />
        )}
      </Labelled>
      {coded && (
        <Labelled label="Code that your device shows" fault={error?.about('code')}>
          {(props) => (
            <Input
              {...props}
              kind="reading"
              inputMode="numeric"
              autoComplete="one-time-code"
              value={code}
              onChange={(e) => setCode(e.target.value)}
              autoFocus
            />
          )}
        </Labelled>
      )}
      {general && (
        <Box role="alert" color="oxide">
          {general}
        </Box>
      )}
      {!inLine && (
        <Check checked={remember} onCheck={setRemember}>
          Stay signed in on this device
        </Check>
      )}
      <Button type="submit" disabled={isPending}>
        {isPending ? 'Signing in…' : 'Sign in'}
      </Button>
    </Flex>
  );
}

export function SignIn() {
  useTitle('Sign in');
  const navigate = useNavigate();
  const location = useLocation();
  useMode(lastMode());
  const from = (location.state as { from?: string } | null)?.from ?? '/board';
  return (
    <Flex as="main" minH="100%" align="center" justify="center" gap="20" wrap="wrap" p="6">
      <Marking />
      <Box w="320px">
        <chakra.h1 fontSize="40px">Clean Race</chakra.h1>
        <chakra.p color="mute" mb="6">
          Wheel bearings, from complaint to sign-off.
        </chakra.p>
        <SignInForm onIn={() => navigate(from, { replace: true })} />
        <Box mt="4">
          <Link to="/join">
            <chakra.span color="blue" fontWeight="600" display="inline-block" py="2.5">
              I have a code
            </chakra.span>
          </Link>
          <chakra.span color="mute" fontSize="14px" display="block">
            Forgot it? The owner of your shop makes one, under People.
          </chakra.span>
        </Box>
      </Box>
    </Flex>
  );
}
