/** The job this device showed last: the application opens there again. */
const KEPT = 'clean-race-last';

export function showsLast(path: string): void {
  try {
    localStorage.setItem(KEPT, path);
  } catch {
    // A browser that stores nothing opens on the board.
  }
}

/** Where to open: on the job that was shown last, or on the board. */
export function lastShown(): string {
  try {
    const path = localStorage.getItem(KEPT) ?? '';
    return /^\/jobs\/\d+\/[a-z_]+$/.test(path) ? path : '/board';
  } catch {
    return '/board';
  }
}

export function forgetsLast(): void {
  try {
    localStorage.removeItem(KEPT);
  } catch {
    // What may not be stored was not.
  }
}
