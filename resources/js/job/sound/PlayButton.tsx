import { type ReactNode, useEffect, useRef, useState } from 'react';
import { recordingUrl } from '../../api/recordings';
import { Button } from '../../controls/Button';
import { takePhoto } from '../../offline/photos';
import { playAlike } from './play';

/** A recording as this device still has it, or as the server does. */
async function soundOf(id: string): Promise<ArrayBuffer> {
  const own = await takePhoto(id);
  if (own) return own.arrayBuffer();
  const answered = await fetch(recordingUrl(id), { credentials: 'same-origin' });
  if (!answered.ok) throw new Error('It cannot be played now.');
  return answered.arrayBuffer();
}

/** Plays recordings one after the other, each as loud as the others; tapped again, it ends. */
export function PlayButton({ ids, children }: { ids: string[]; children: ReactNode }) {
  const [state, setState] = useState<'still' | 'plays' | 'failed'>('still');
  const stop = useRef<() => void>(null);
  useEffect(() => () => stop.current?.(), []);
  const tap = async () => {
    if (state === 'plays') {
      stop.current?.();
      return;
    }
    setState('plays');
    try {
      stop.current = await playAlike(await Promise.all(ids.map(soundOf)), () => {
        stop.current = null;
        setState('still');
      });
    } catch {
      setState('failed');
    }
  };
  return (
    <Button look="quiet" aria-pressed={state === 'plays'} onClick={tap}>
      {state === 'plays' ? 'Stop playing' : state === 'failed' ? 'It cannot be played now: try again' : children}
    </Button>
  );
}
