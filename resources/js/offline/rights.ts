/**
 * What lets this device send the readings of people who worked at it, whoever stands there by then: each a token that adds
 * readings and does nothing else. Given at a bench of several hands alone.
 */
const KEPT = 'clean-race-rights';

const all = (): Record<string, string> => {
  try {
    return JSON.parse(localStorage.getItem(KEPT) ?? '{}') as Record<string, string>;
  } catch {
    return {};
  }
};

const keep = (rights: Record<string, string>): void => {
  try {
    localStorage.setItem(KEPT, JSON.stringify(rights));
  } catch {
    // A browser that stores nothing: what is entered waits for who entered it.
  }
};

export const rightOf = (author: number): string | undefined => all()[author];

export const keepRight = (author: number, token: string): void => keep({ ...all(), [author]: token });

/** It was ended, or its person signed out here. */
export const dropRight = (author: number): void => {
  const { [author]: _gone, ...rest } = all();
  keep(rest);
};
