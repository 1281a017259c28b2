import { Box, chakra } from '@chakra-ui/react';
import { Link } from 'react-router';
import { useSettle } from '../api/ahead';
import type { DueCard } from '../api/types';
import { Button } from './Button';
import { MarkedRow } from './MarkedRow';

const DAY = 86_400_000;

/** Whole days from today to a day; less than none when it is past. */
export const daysTo = (on: string, today = new Date()): number =>
  Math.round(
    (Date.parse(`${on}T00:00`) - new Date(today.getFullYear(), today.getMonth(), today.getDate()).getTime()) / DAY,
  );

const KIND: Record<string, string> = { carry: 'Carried forward', recheck: 'Re-check', life: 'Usual life' };

const shownDay = (on: string): string =>
  new Date(`${on}T00:00`).toLocaleDateString(undefined, { day: 'numeric', month: 'short', year: 'numeric' });

/** How soon, in words. */
export function soon(on: string): string {
  const days = daysTo(on);
  if (days < -1) return `${-days} days late`;
  if (days === -1) return 'yesterday';
  if (days === 0) return 'today';
  if (days === 1) return 'tomorrow';
  return days < 60 ? `in ${days} days` : `in ${Math.round(days / 30.4)} months`;
}

/** Something to look at again, with what it rests on, and that it was done. */
export function DueLine({ item, machine = true }: { item: DueCard; machine?: boolean }) {
  const { mutate, isPending } = useSettle();
  const late = item.on !== null && daysTo(item.on) < 0;
  return (
    <chakra.li borderBottomWidth="1px" borderColor="line">
      <MarkedRow columns="150px minmax(0, 1fr) auto" mark={late ? 'oxide' : item.kind === 'carry' ? 'brass' : null}>
        <Box>
          <chakra.strong fontFamily="heading" fontSize="20px" color={late ? 'oxide' : 'ink'} display="block">
            {item.on ? shownDay(item.on) : (item.meter ?? 'When it comes in')}
          </chakra.strong>
          <chakra.span fontSize="14px" color={late ? 'oxide' : 'mute'}>
            {item.on ? [soon(item.on), item.meter && `or ${item.meter}`].filter(Boolean).join(', ') : KIND[item.kind]}
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
          <Box>{item.what}</Box>
          <Box fontSize="14px" color="mute">
            {[
              KIND[item.kind],
              item.rests_on !== null && `the middle of ${item.rests_on} sets like it in this shop`,
              item.machine.owner,
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
