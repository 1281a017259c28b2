import { Box, chakra, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { useTakeTimeCodeOff } from '../../api/access';
import type { Refusal } from '../../api/client';
import { type Role, useChangePerson, useCode, useEndSessions, useErasePerson, useLeaving } from '../../api/people';
import type { PersonCard } from '../../api/types';
import { Button } from '../../controls/Button';
import { Input, Labelled, Select } from '../../controls/Field';
import { PhoneCode } from '../../controls/PhoneCode';
import { Sheet } from '../../controls/Sheet';
import { Sure } from '../../controls/Sure';
import { moment } from '../../words/day';
import { ROLES } from './roles';

/** What the owner does about one person. */
export function PersonSheet({ one, mails, onClose }: { one: PersonCard; mails: boolean; onClose: () => void }) {
  const change = useChangePerson(one.id);
  const leaving = useLeaving(one.id);
  const sessions = useEndSessions(one.id);
  const codeOff = useTakeTimeCodeOff(one.id);
  const erase = useErasePerson(one.id);
  const [name, setName] = useState(one.name);
  const [sure, setSure] = useState(false);
  const refused: Refusal | null = change.error ?? leaving.error ?? sessions.error ?? codeOff.error;
  const rename = () => name.trim() !== one.name && change.mutate({ name });
  return (
    <Sheet title={one.name} open onClose={onClose}>
      <Flex direction="column" gap="5">
        {one.left_at === null && (
          <>
            <Flex gap="4" align="flex-start" wrap="wrap">
              <Box flex="1 1 200px">
                <Labelled label="Name" fault={change.error?.about('name')}>
                  {(props) => (
                    <Input
                      {...props}
                      value={name}
                      onChange={(e) => setName(e.target.value)}
                      onBlur={rename}
                      onKeyDown={(e) => e.key === 'Enter' && rename()}
                    />
                  )}
                </Labelled>
              </Box>
              <Box flex="1 1 200px">
                <Labelled label="Role" hint={ROLES.find(([role]) => role === one.role)?.[2] ?? ''}>
                  {(props) => (
                    <Select
                      {...props}
                      value={one.role}
                      disabled={change.isPending}
                      onChange={(e) => change.mutate({ role: e.target.value as Role })}
                    >
                      {ROLES.map(([role, label]) => (
                        <option key={role} value={role}>
                          {label}
                        </option>
                      ))}
                    </Select>
                  )}
                </Labelled>
              </Box>
            </Flex>
            <Code one={one} mails={mails} />
          </>
        )}
        <Flex gap="3" wrap="wrap" borderTopWidth="1px" borderColor="line" pt="4">
          {one.left_at !== null && (
            <Button disabled={leaving.isPending} onClick={() => leaving.mutate('comes back')}>
              Take them back
            </Button>
          )}
          {one.left_at === null && !one.waits && (
            <Button look="plain" disabled={sessions.isPending} onClick={() => sessions.mutate()}>
              {sessions.isSuccess ? '✓ Signed out everywhere' : 'Sign out everywhere'}
            </Button>
          )}
          {one.time_code && one.left_at === null && (
            <Button look="plain" disabled={codeOff.isPending} onClick={() => codeOff.mutate()}>
              Device lost: password alone
            </Button>
          )}
          {one.left_at === null && !sure && (
            <Button look="quiet" onClick={() => setSure(true)}>
              Leaves the shop
            </Button>
          )}
          {one.left_at === null && sure && (
            <Button
              look="plain"
              disabled={leaving.isPending}
              onClick={() => leaving.mutate('leaves', { onSuccess: () => setSure(false) })}
            >
              Yes, {one.name} leaves
            </Button>
          )}
        </Flex>
        {one.left_at !== null && (
          <Sure
            label="Erase their name"
            yes="Erase it for good"
            says="Name, address and codes are erased for good. What they did and signed stays, under a number."
            busy={erase.isPending}
            error={erase.error}
            onYes={() => erase.mutate(undefined, { onSuccess: onClose })}
          />
        )}
        {sure && one.left_at === null && (
          <chakra.p color="mute">They are signed out at once. What they did stays under their name.</chakra.p>
        )}
        {refused && refused.problem.errors.length === 0 && (
          <Box role="alert" color="oxide">
            {refused.message}
          </Box>
        )}
      </Flex>
    </Sheet>
  );
}

/** A one-time code: shown, printed with its picture, or mailed. */
function Code({ one, mails }: { one: PersonCard; mails: boolean }) {
  const { mutate, data, isPending, error } = useCode(one.id);
  return (
    <Box>
      {!data && (
        <>
          <chakra.p mb="2">
            {one.waits
              ? `${one.name} joins by a code that works once: on any screen, under "I have a code".`
              : `A code that works once lets ${one.name} choose another password.`}
          </chakra.p>
          <Flex gap="3" wrap="wrap">
            <Button look={one.waits ? 'main' : 'plain'} disabled={isPending} onClick={() => mutate({ mail: false })}>
              Make a code
            </Button>
            {mails && (
              <Button look="plain" disabled={isPending} onClick={() => mutate({ mail: true })}>
                Make one and mail it
              </Button>
            )}
          </Flex>
        </>
      )}
      {data && (
        <Box role="status">
          <chakra.output
            display="block"
            fontFamily="heading"
            fontWeight="600"
            fontSize="44px"
            letterSpacing="0.06em"
            aria-label="Code"
          >
            {data.code}
          </chakra.output>
          <chakra.p color="mute" mb="2">
            For {data.person.email}, until {moment(data.until)}. {data.mailed ? `Mailed to ${data.mailed}. ` : ''}It is
            not shown again.
          </chakra.p>
          <PhoneCode
            path={data.address}
            label={`the page where ${one.name} joins`}
            note="Point the camera of their phone at it, or type the code on any screen."
          />
          <Button look="quiet" className="screen-only" onClick={() => window.print()}>
            Print it
          </Button>
        </Box>
      )}
      {error && (
        <Box role="alert" color="oxide">
          {error.message}
        </Box>
      )}
    </Box>
  );
}
