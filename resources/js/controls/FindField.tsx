import { useEffect, useRef, useState } from 'react';
import { Input } from './Field';
import { useTaker } from './loose';

const PAUSE = 180;

/** What was typed, once the hands rest for a moment: what is asked of the server with it. */
export function useRested(text: string): string {
  const [rested, setRested] = useState(text);
  useEffect(() => {
    const timer = setTimeout(() => setRested(text.trim()), PAUSE);
    return () => clearTimeout(timer);
  }, [text]);
  return rested;
}

/** Words that narrow the list below it; a code that is read while nothing has the focus goes there. */
export function FindField({ label, text, onType }: { label: string; text: string; onType: (text: string) => void }) {
  const field = useRef<HTMLInputElement>(null);
  useTaker(field, text === '', onType, 'code');
  return (
    <Input
      ref={field}
      type="search"
      aria-label={label}
      placeholder={label}
      value={text}
      onChange={(event) => onType(event.target.value)}
      onKeyDown={(event) => {
        // Escape empties it first; once it is empty, it is for the sheet around it.
        if (event.key !== 'Escape' || text === '') return;
        event.preventDefault();
        event.stopPropagation();
        onType('');
      }}
      flex="1 1 150px"
      maxW="280px"
    />
  );
}
