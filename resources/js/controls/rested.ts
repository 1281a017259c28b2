import { useEffect, useState } from 'react';

/** What was last said, once it has stood for so long: what is asked of the server while somebody types. */
export function useRest<T>(value: T, pause: number): T {
  const [rested, setRested] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setRested(value), pause);
    return () => clearTimeout(timer);
  }, [value, pause]);
  return rested;
}
