import { newId } from './ids';

/** Files that a question is about, too long for an address or a key: a short name stands for each, as long as this page is open. */
const held = new Map<string, string>();

const NAMED = 'held:';

/** Holds a file as base64, and names it. */
export async function hold(file: Blob): Promise<string> {
  const bytes = new Uint8Array(await file.arrayBuffer());
  let text = '';
  for (let i = 0; i < bytes.length; i += 0x8000) text += String.fromCharCode(...bytes.subarray(i, i + 0x8000));
  const name = NAMED + newId();
  held.set(name, btoa(text));
  return name;
}

/** What was filled in, with files in the place of their names; one that this page no longer holds is left out. */
export const withHeld = (input: Record<string, unknown>): Record<string, unknown> =>
  Object.fromEntries(
    Object.entries(input).map(([name, value]) => [
      name,
      typeof value === 'string' && value.startsWith(NAMED) ? held.get(value) : value,
    ]),
  );
