import { Box, chakra, Flex } from '@chakra-ui/react';
import { type FormEvent, useState } from 'react';
import { useBeginTimeCode, useConfirmTimeCode, useNoTimeCode } from '../../api/access';
import type { Refusal } from '../../api/client';
import { Button } from '../../controls/Button';
import { Input, Labelled } from '../../controls/Field';
import { Squares } from '../../controls/Squares';
import { usePerson } from '../../words/person';

/** A second proof at sign-in, for who wants it: a code that a device shows. */
export function TimeCode() {
  const { time_code, recovery_left } = usePerson();
  const begin = useBeginTimeCode();
  const confirm = useConfirmTimeCode();
  const end = useNoTimeCode();
  return (
    <Box as="section" aria-label="Time code">
      <chakra.h2 fontSize="20px">A code beside the password</chakra.h2>
      {confirm.data && <Recovery codes={confirm.data.codes} />}
      {!confirm.data && time_code && (
        <>
          <chakra.p color="mute" mb="2">
            Your device is asked for at sign-in. {recovery_left} recovery codes are left.
          </chakra.p>
          <Asked
            label="Present password"
            type="password"
            fills="current-password"
            button="Ask for no code any more"
            busy={end.isPending}
            fault={end.error}
            field="present"
            onGive={(present) => end.mutate({ present })}
          />
        </>
      )}
      {!time_code && !begin.data && (
        <>
          <chakra.p color="mute" mb="2">
            A program on your phone shows six digits for half a minute. Whoever learns your password has not those.
          </chakra.p>
          <Asked
            label="Present password"
            type="password"
            fills="current-password"
            button="Use one"
            busy={begin.isPending}
            fault={begin.error}
            field="present"
            onGive={(present) => begin.mutate({ present })}
          />
        </>
      )}
      {!time_code && begin.data && (
        <>
          <Flex gap="4" align="center" mb="3">
            <Squares text={begin.data.address} label="Code for your device" />
            <Box fontSize="14px">
              Let the program read this, or type
              <chakra.span display="block" wordBreak="break-all" fontWeight="600">
                {begin.data.secret}
              </chakra.span>
            </Box>
          </Flex>
          <Asked
            label="What it shows now"
            type="text"
            fills="one-time-code"
            button="Use it from now on"
            busy={confirm.isPending}
            fault={confirm.error}
            field="code"
            onGive={(code) => confirm.mutate({ code })}
          />
        </>
      )}
    </Box>
  );
}

/** One thing to type, and the button that gives it. */
function Asked({
  label,
  type,
  fills,
  button,
  busy,
  fault,
  field,
  onGive,
}: {
  label: string;
  type: 'password' | 'text';
  fills: string;
  button: string;
  busy: boolean;
  fault: Refusal | null;
  field: string;
  onGive: (typed: string) => void;
}) {
  const [typed, setTyped] = useState('');
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (!busy && typed !== '') onGive(typed);
  };
  return (
    <Flex as="form" direction="column" gap="2" onSubmit={submit}>
      <Labelled label={label} fault={fault?.about(field) ?? fault?.message}>
        {(props) => (
          <Input {...props} type={type} autoComplete={fills} value={typed} onChange={(e) => setTyped(e.target.value)} />
        )}
      </Labelled>
      <Button look="plain" type="submit" disabled={busy} alignSelf="start">
        {button}
      </Button>
    </Flex>
  );
}

const Recovery = ({ codes }: { codes: string[] }) => (
  <Box role="status">
    <chakra.p mb="2">
      From now on your device is asked for. Without it, each of these is taken once: print them, keep them elsewhere.
      They are not shown again.
    </chakra.p>
    <chakra.ul aria-label="Recovery codes" fontFamily="heading" fontWeight="600" fontSize="20px" columns={2}>
      {codes.map((code) => (
        <li key={code}>{code}</li>
      ))}
    </chakra.ul>
    <Button look="quiet" className="screen-only" onClick={() => window.print()}>
      Print them
    </Button>
  </Box>
);
