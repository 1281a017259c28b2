import { useEffect, useRef, useState } from 'react';
import { layReady, NoPicture } from '../api/photos';

/** Makes photos ready to be sent, one after another; says what is wrong with one that is none. */
export function useTaking(onReady: (id: string) => void): {
  take: (photo: File | undefined) => void;
  busy: boolean;
  fault: string | undefined;
} {
  // What stands there by the time the photo is ready, not what stood there when it was taken.
  const ready = useRef(onReady);
  useEffect(() => {
    ready.current = onReady;
  });
  const [busy, setBusy] = useState(false);
  const [fault, setFault] = useState<string>();
  const take = (photo: File | undefined) => {
    if (!photo) return;
    setBusy(true);
    setFault(undefined);
    layReady(photo)
      .then(
        (id) => ready.current(id),
        (wrong: unknown) => {
          if (!(wrong instanceof NoPicture)) throw wrong;
          setFault(wrong.message);
        },
      )
      .finally(() => setBusy(false));
  };
  return { take, busy, fault };
}
