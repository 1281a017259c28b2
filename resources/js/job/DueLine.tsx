import { Box, chakra, Flex } from '@chakra-ui/react';
import { Link } from 'react-router';
import { useLastSettled, useSettle, useUnsettle } from '../api/ahead';
import type { DueCard } from '../api/types';
import { Button } from '../controls/Button';
import { MarkedRow } from '../controls/MarkedRow';
import { day, daysTo, soon } from '../words/day';
import { useSay } from '../words/person';

const KIND: Record<string, string> = { carry: 'Carried forward', recheck: 'Re-check', life: 'Usual life' };

/** A number and its unit stay on one line. */
const held = (text: string): string => text.replaceAll(' ', '\u00a0');

/** Something to look at again, with what it rests on, and that it was done. */
export function DueLine({ item, machine = true }: { item: DueCard; machine?: boolean }) {
  const say = useSay();
  const { mutate, isPending } = useSettle();
  const late = item.on !== null && daysTo(item.on) < 0;
  return (
    <chakra.li borderBottomWidth="1px" borderColor="line">
      <MarkedRow columns="150px minmax(0, 1fr) auto" mark={late ? 'oxide' : item.kind === 'carry' ? 'brass' : null}>
        <Box>
          <chakra.strong fontFamily="heading" fontSize="20px" color={late ? 'oxide' : 'ink'} display="block">
            {item.on ? day(item.on) : (item.meter ?? 'When it comes in')}
          </chakra.strong>
          <chakra.span fontSize="14px" color={late ? 'oxide' : 'mute'}>
            {item.on
              ? [soon(item.on), item.meter && held(`or ${item.meter}`)].filter(Boolean).join(', ')
              : KIND[item.kind]}
          </chakra.span>
        </Box>
        <Box>
          {machine && (
            <Link to={`/machines/${item.machine.id}`}>
              <chakra.strong fontSize="17px">
                {item.machine.name}, {item.wheel.toLowerCase()}
              </chakra.strong>
            </Link>
          )}
          <Box>{item.words ? say(item.words) : item.what}</Box>
          <Box fontSize="14px" color="mute">
            {[
              KIND[item.kind],
              item.rests_on !== null && `half of ${item.rests_on} sets like it here lasted longer`,
              machine ? item.machine.owner : item.wheel,
            ]
              .filter(Boolean)
              .join(' · ')}
            {' · '}
            <Link to={`/jobs/${item.job_id}/prove`}>
              <chakra.span color="blue" textDecoration="underline">
                its job
              </chakra.span>
            </Link>
          </Box>
        </Box>
        <Button look="plain" disabled={isPending} onClick={() => mutate(item.id)}>
          Looked at
        </Button>
      </MarkedRow>
    </chakra.li>
  );
}

/** What was just said to be looked at, of all or of one machine, for a finger that slipped. */
export function TakeBack({ machine }: { machine?: number }) {
  const say = useSay();
  const last = useLastSettled();
  const { mutate, isPending } = useUnsettle();
  if (!last || (machine !== undefined && last.machine.id !== machine)) return null;
  return (
    <Flex
      role="status"
      align="center"
      gap="4"
      px="6"
      py="1"
      bg="verdigrisWash"
      borderBottomWidth="1px"
      borderColor="line"
    >
      <Box flex="1">
        Looked at: {last.words ? say(last.words) : last.what}{' '}
        <chakra.span color="mute">
          · {last.machine.name}, {last.wheel.toLowerCase()}
        </chakra.span>
      </Box>
      <Button look="quiet" disabled={isPending} onClick={() => mutate(last.id)}>
        Take back
      </Button>
    </Flex>
  );
}
