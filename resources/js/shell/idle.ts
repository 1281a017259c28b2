import { useEffect, useState } from 'react';

/** Kept for this tab, so that loading the page again opens nothing. */
const LOCKED = 'clean-race-locked';

const SIGNS = ['pointerdown', 'keydown', 'wheel'] as const;

/** Whether nobody touched this bench for so many minutes; it stays so until somebody shows who they are. */
export function useLock(minutes: number | null): [locked: boolean, open: () => void] {
  const [locked, setLocked] = useState(() => sessionStorage.getItem(LOCKED) !== null);
  useEffect(() => {
    if (minutes === null || locked) return;
    let last = Date.now();
    const touched = () => {
      last = Date.now();
    };
    for (const sign of SIGNS) window.addEventListener(sign, touched, { capture: true, passive: true });
    const look = setInterval(() => {
      if (Date.now() - last < minutes * 60_000) return;
      sessionStorage.setItem(LOCKED, '1');
      setLocked(true);
    }, 1_000);
    return () => {
      clearInterval(look);
      for (const sign of SIGNS) window.removeEventListener(sign, touched, { capture: true });
    };
  }, [minutes, locked]);
  const open = () => {
    sessionStorage.removeItem(LOCKED);
    setLocked(false);
  };
  return [minutes !== null && locked, open];
}
