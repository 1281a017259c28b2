import { useEffect, useState } from 'react';

/** Whether something has been so for a while without a break: what is over in a moment is not told. */
export function useLasting(so: boolean, ms: number): boolean {
  const [lasted, setLasted] = useState(false);
  useEffect(() => {
    if (!so) {
      setLasted(false);
      return;
    }
    const timer = setTimeout(() => setLasted(true), ms);
    return () => clearTimeout(timer);
  }, [so, ms]);
  return so && lasted;
}
