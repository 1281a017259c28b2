import { useCallback, useEffect, useState } from 'react';
import { useLocation, useNavigate, useNavigationType } from 'react-router';
import { newId } from '../../api/ids';
import { filled, type Given } from './given';

/** What the Finder is asked: a line of text and the way it is taken, or a calculator and its input. */
export type Asking = { text: string; as: number } | { calculator: string; given: Given };

/** How long the hands rest before the address follows: a moment before the server is asked. */
const REST_MS = 120;

const ROOM = '/finder';

const readGiven = (text: string | null): Given => {
  try {
    const given: unknown = JSON.parse(text ?? '{}');
    return given !== null && typeof given === 'object' && !Array.isArray(given) ? (given as Given) : {};
  } catch {
    return {};
  }
};

/** What an address asks; nothing when it carries nothing, or nothing that can be read. */
export function readAddress(path: string, search: string): Asking {
  const query = new URLSearchParams(search);
  const text = query.get('q') ?? '';
  const calculator = path.startsWith(`${ROOM}/`) ? path.slice(ROOM.length + 1) : '';
  return calculator && !text
    ? { calculator, given: readGiven(query.get('in')) }
    : { text, as: Number(query.get('as') ?? 0) || 0 };
}

/** The address that asks the same again, so that it can be sent on. */
export function writeAddress(asking: Asking): string {
  const query = new URLSearchParams();
  if ('calculator' in asking) {
    const given = filled(asking.given);
    if (Object.keys(given).length > 0) query.set('in', JSON.stringify(given));
    return `${ROOM}/${asking.calculator}${query.size > 0 ? `?${query}` : ''}`;
  }
  if (asking.text) query.set('q', asking.text);
  if (asking.as > 0) query.set('as', String(asking.as));
  return `${ROOM}${query.size > 0 ? `?${query}` : ''}`;
}

/**
 * What is asked, owned here: typing changes it at once, and the address follows when the hands rest. An address that
 * came from elsewhere (a link, the back button) says what is asked instead.
 */
export function useAsking(): [Asking, (next: Asking) => void] {
  const { pathname, search, state, key } = useLocation();
  const navigate = useNavigate();
  const came = useNavigationType();
  const [now, setNow] = useState(() => ({ asking: readAddress(pathname, search), typed: false }));
  const [seen, setSeen] = useState(key);
  // Addresses written here carry a mark. On a busy page several are on their way at once, and more is typed meanwhile:
  // whichever of them arrives, it is no news. Gone back to, it is.
  const [mark] = useState(newId);
  if (seen !== key) {
    setSeen(key);
    if (came === 'POP' || markOf(state) !== mark) {
      setNow({ asking: readAddress(pathname, search), typed: false });
    }
  }
  useEffect(() => {
    if (!now.typed) return;
    const timer = setTimeout(() => {
      navigate(writeAddress(now.asking), { replace: true, state: { writtenBy: mark } });
    }, REST_MS);
    return () => clearTimeout(timer);
  }, [now, navigate, mark]);
  const ask = useCallback((asking: Asking) => setNow({ asking, typed: true }), []);
  return [now.asking, ask];
}

const markOf = (state: unknown): string | null =>
  state !== null && typeof state === 'object' && 'writtenBy' in state && typeof state.writtenBy === 'string'
    ? state.writtenBy
    : null;
