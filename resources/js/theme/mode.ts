import { useEffect } from 'react';

const KEY = 'clean-race-theme';
export type Mode = 'light' | 'dark';

/** The theme last used in this browser, so that the page comes up in it before anyone is known. */
export const lastMode = (): Mode => (localStorage.getItem(KEY) === 'dark' ? 'dark' : 'light');

/** Puts a theme on the page. */
export function useMode(mode: Mode): void {
  useEffect(() => {
    document.documentElement.classList.toggle('dark', mode === 'dark');
    document.documentElement.style.colorScheme = mode;
    localStorage.setItem(KEY, mode);
  }, [mode]);
}
