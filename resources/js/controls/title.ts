import { useEffect } from 'react';

/** Says in the browser's tab which view it is, and of what. */
export function useTitle(...parts: (string | undefined)[]): void {
  const title = [...parts.filter(Boolean), 'Clean Race'].join(' · ');
  useEffect(() => {
    document.title = title;
  }, [title]);
}
