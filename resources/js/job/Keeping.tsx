import { chakra } from '@chakra-ui/react';
import { Link } from 'react-router';
import { useAllRefused, useWaiting } from '../api/records';
import { useOnline } from '../offline/online';
import { isBy } from '../offline/queue';
import { usePerson } from '../words/person';

/** Quietly: whether all is kept, or how much waits. */
export function Keeping() {
  const person = usePerson();
  const all = useWaiting();
  const waiting = all.filter((one) => isBy(one, person)).length;
  const others = [...new Set(all.filter((one) => !isBy(one, person)).map((one) => one.by))];
  const online = useOnline();
  const refused = useAllRefused();
  const kept = refused.length > 0 ? `${refused.length} not taken` : 'All kept';
  const own = waiting > 0 ? `${waiting} waiting to be kept` : online ? kept : 'No network; work on';
  const text =
    others.length > 0
      ? `${own}; ${all.length - waiting} ${all.length - waiting === 1 ? 'waits' : 'wait'} for ${others.join(' and ')} to sign in`
      : own;
  return (
    <chakra.span
      role="status"
      color={refused.length > 0 ? 'oxide' : all.length > 0 || !online ? 'brass' : 'mute'}
      fontWeight={waiting + refused.length > 0 ? '600' : '400'}
      data-testid="keeping"
    >
      {refused[0] === undefined ? text : <Link to={`/jobs/${refused[0]}`}>{text}</Link>}
    </chakra.span>
  );
}
