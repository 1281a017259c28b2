import { chakra } from '@chakra-ui/react';
import { type ReactNode, useEffect, useRef } from 'react';

/** Keys that are no taps: a pedal may send any other. */
const LEADS_AWAY = ['Tab', 'Escape', 'Shift', 'Control', 'Alt', 'Meta'];

/** A place to tap with a thumb, or with a key while it is chosen: as large as a hurried hand needs. */
export function TapPad({
  onTap,
  first = false,
  children,
}: {
  /** When, by the clock of the page in milliseconds, and whether a finger on the screen did it. */
  onTap: (at: number, touched: boolean) => void;
  /** Whether it is chosen as soon as it is there, so that a key works at once. */
  first?: boolean;
  children: ReactNode;
}) {
  const pad = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (first) pad.current?.focus();
  }, [first]);
  return (
    <chakra.button
      ref={pad}
      type="button"
      w="100%"
      minH="120px"
      borderWidth="2px"
      borderColor="blue"
      borderRadius="sm"
      bg="wash"
      color="blue"
      fontFamily="heading"
      fontWeight="600"
      fontSize="24px"
      cursor="pointer"
      touchAction="manipulation"
      onPointerDown={(event) => onTap(event.timeStamp, true)}
      onKeyDown={(event) => {
        if (LEADS_AWAY.includes(event.key) || event.ctrlKey || event.metaKey || event.altKey) return;
        event.preventDefault();
        event.stopPropagation();
        if (event.repeat) return;
        onTap(event.timeStamp, false);
      }}
    >
      {children}
    </chakra.button>
  );
}
