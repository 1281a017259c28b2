import { Box, chakra, Grid } from '@chakra-ui/react';
import { useLog } from '../../api/people';
import type { LogShown } from '../../api/types';
import { More } from '../../controls/More';
import { Empty, Loading, Trouble } from '../../controls/States';
import { moment } from '../../words/day';
import { ShopHead } from '../shop/ShopHead';
import { roleName } from './roles';

const somebody = (name: string | null) => name ?? 'Somebody';

/** `mechanic → owner`, in words. */
const roles = (detail: string): string =>
  detail
    .split(' → ')
    .map((role) => roleName(role as Parameters<typeof roleName>[0]).toLowerCase())
    .join(' to ');

const SAID: Record<LogShown['what'], (line: LogShown) => string> = {
  began: () => 'The shop began',
  signed_in: ({ by }) => `${somebody(by)} signed in`,
  sign_in_failed: ({ about }) => `A wrong password was tried for ${about ?? 'an account'}`,
  added: ({ by, about, detail }) => `${somebody(by)} added ${about} as ${roles(detail)}`,
  renamed: ({ by, detail }) => `${somebody(by)} changed a name: ${detail}`,
  role_changed: ({ by, about, detail }) => `${somebody(by)} changed what ${about} does: ${roles(detail)}`,
  left: ({ by, about }) => `${somebody(by)} let ${about} leave`,
  came_back: ({ by, about }) => `${somebody(by)} took ${about} back`,
  code_made: ({ by, about }) => `${by ?? 'A command on the server'} made a code for ${about}`,
  joined: ({ by }) => `${somebody(by)} joined`,
  password_changed: ({ by }) => `${somebody(by)} chose another password`,
  sessions_ended: ({ by, about }) => `${somebody(by)} signed ${about} out everywhere`,
  shop_changed: ({ by, detail }) => `${somebody(by)} changed the shop: ${detail.replaceAll('_', ' ')}`,
  token_made: ({ by, detail }) => `${somebody(by)} made a token: ${detail}`,
  token_ended: ({ by, detail }) => `${somebody(by)} ended a token: ${detail}`,
  time_code_on: ({ by }) => `${somebody(by)} uses a code beside the password`,
  time_code_off: ({ by, about }) =>
    by === about
      ? `${somebody(by)} uses no code beside the password any more`
      : `${somebody(by)} took the code of ${about} off`,
  recovery_used: ({ by, detail }) => `${somebody(by)} signed in by a recovery code: ${detail}`,
  took_over: ({ by, detail }) => `${somebody(by)} took over at ${detail}`,
  tablet_enrolled: ({ by, detail }) => `${somebody(by)} made a device a bench: ${detail}`,
  tablet_ended: ({ by, detail }) => `${somebody(by)} ended a bench: ${detail}`,
  bench_code_changed: ({ by }) => `${somebody(by)} chose another code at the bench`,
  vouched: ({ by, about, detail }) => `${somebody(by)} said yes to an entry of ${about}: ${detail}`,
  exported: ({ by, detail }) => `${somebody(by)} took along: ${detail}`,
  imported: ({ by, detail }) => `${somebody(by)} brought in: ${detail}`,
  key_accepted: ({ by, detail }) => `${somebody(by)} compared the key of ${detail}`,
  key_revoked: ({ by, detail }) => `${somebody(by)} believes the key of ${detail} no longer`,
  recording_removed: ({ by, detail }) => `${somebody(by)} threw a recording away: ${detail}`,
  photo_removed: ({ by, detail }) => `${somebody(by)} threw a photo away: ${detail}`,
  customer_erased: ({ by, detail }) => `${somebody(by)} erased what a customer said: ${detail}`,
  person_erased: ({ by, about }) => `${somebody(by)} erased the name of ${about}`,
};

/** What was done with people, passwords, roles and files, newest first: the owner reads it, nobody changes it. */
export function Log() {
  const log = useLog();
  const { data, error, refetch } = log;
  return (
    <Box>
      <ShopHead />
      {!data && (error ? <Trouble refusal={error} again={refetch} /> : <Loading what="the log" />)}
      {data?.length === 0 && <Empty title="Nothing yet">Sign-ins, roles, codes and files come here.</Empty>}
      <chakra.ol aria-label="Log" px="6" py="3">
        {data?.map((line) => (
          <chakra.li key={line.id} borderBottomWidth="1px" borderColor="line" py="2">
            <Grid templateColumns={{ base: '1fr', lg: '190px minmax(0, 1fr) auto' }} gap={{ base: '0', lg: '5' }}>
              <chakra.span color="mute">{moment(line.at)}</chakra.span>
              <chakra.span color={line.what === 'sign_in_failed' ? 'brass' : 'ink'}>
                {SAID[line.what](line)}
              </chakra.span>
              <chakra.span color="mute" fontSize="14px">
                {line.address && `from ${line.address}`}
              </chakra.span>
            </Grid>
          </chakra.li>
        ))}
      </chakra.ol>
      <More of={log} comes />
    </Box>
  );
}
