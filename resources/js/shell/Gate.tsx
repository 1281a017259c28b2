import { useEffect, useState } from 'react';
import { Navigate, useLocation } from 'react-router';
import { useSession, useSessionStands } from '../api/session';
import { Loading, Trouble } from '../controls/States';
import { shownAgain, useHere } from '../offline/hands';
import { queueIsFor } from '../offline/queue';
import { writeDays } from '../words/day';
import { PersonProvider } from '../words/person';
import { Shell } from './Shell';

/**
 * Lets in whoever is signed in. With no answer from the server, whoever was last known in this browser works on. Whose
 * session ends while they work signs in again over the page; a page that is opened then shows nothing.
 */
export function Gate() {
  const { data, error, refetch, dataUpdatedAt } = useSession();
  useSessionStands();
  const { pathname } = useLocation();
  const here = useHere();
  const [opened] = useState(Date.now);
  const nobody = error?.status === 401;
  const working = data !== undefined && dataUpdatedAt >= opened;
  const { id, name } = (nobody || here ? undefined : data) ?? {};
  // Who took over without the server sends by the right this device has of them, not by another's session.
  useEffect(() => queueIsFor(id !== undefined && name !== undefined ? { id, name } : null), [id, name]);
  useEffect(() => {
    if (nobody) shownAgain();
  }, [nobody]);
  if (nobody && !working) return <Navigate to="/sign-in" state={{ from: pathname }} replace />;
  if (data) {
    writeDays({ locale: data.days ?? 'en-GB', zone: data.time_zone });
    return (
      <PersonProvider person={here?.person ?? data}>
        <Shell signedOut={nobody} />
      </PersonProvider>
    );
  }
  return error ? <Trouble refusal={error} again={refetch} /> : <Loading what="who you are" />;
}
