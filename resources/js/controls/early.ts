/** Keys that come while the page they are meant for is still opening. They are caught, and handed to its box when it is there. */
let caught: string | null = null;
let giveUp: ReturnType<typeof setTimeout> | undefined;

const AT_MOST_MS = 5_000;

function press(event: KeyboardEvent): void {
  if (caught === null || event.ctrlKey || event.metaKey || event.altKey) return;
  if (event.key.length === 1) caught += event.key;
  else if (event.key === 'Backspace') caught = caught.slice(0, -1);
  else return;
  event.preventDefault();
  event.stopPropagation();
}

/** What was caught so far; from now on keys go their own way. */
export function claimKeys(): string {
  const text = caught ?? '';
  caught = null;
  clearTimeout(giveUp);
  window.removeEventListener('keydown', press, true);
  return text;
}

export function catchKeys(): void {
  claimKeys();
  caught = '';
  window.addEventListener('keydown', press, true);
  giveUp = setTimeout(claimKeys, AT_MOST_MS);
}
