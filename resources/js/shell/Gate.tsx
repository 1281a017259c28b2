import { useEffect } from 'react';
import { Navigate, useLocation } from 'react-router';
import { useSession } from '../api/session';
import { Loading, Trouble } from '../controls/States';
import { queueIsFor } from '../offline/queue';
import { PersonProvider } from '../words/person';
import { Shell } from './Shell';

/** Lets in whoever is signed in. With no answer from the server, whoever was last known in this browser works on. */
export function Gate() {
  const { data, error, refetch } = useSession();
  const { pathname } = useLocation();
  const { id, name } = (error?.status === 401 ? undefined : data) ?? {};
  useEffect(() => queueIsFor(id !== undefined && name !== undefined ? { id, name } : null), [id, name]);
  if (error?.status === 401) return <Navigate to="/sign-in" state={{ from: pathname }} replace />;
  if (data) {
    return (
      <PersonProvider person={data}>
        <Shell />
      </PersonProvider>
    );
  }
  return error ? <Trouble refusal={error} again={refetch} /> : <Loading what="who you are" />;
}
