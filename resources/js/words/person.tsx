import { createContext, type ReactNode, useContext } from 'react';
import type { Person, Words } from '../api/types';
import { say, type Units } from './say';

const PersonContext = createContext<Person | null>(null);

export const PersonProvider = ({ person, children }: { person: Person; children: ReactNode }) => (
  <PersonContext.Provider value={person}>{children}</PersonContext.Provider>
);

/** Who is signed in. Only inside the signed-in part of the interface. */
export function usePerson(): Person {
  const person = useContext(PersonContext);
  if (!person) throw new Error('Nobody is signed in here.');
  return person;
}

export const useUnits = (): Units => usePerson().units as Units;

/** Words of the program, in the units of whoever is signed in. */
export function useSay(): (words: Words) => string {
  const units = useUnits();
  return (words) => say(words, units);
}
