import type { Language } from './language';

const LETTERS = 'aeiou';

/**
 * A language that nobody speaks, for finding words that no other language could be laid over, and screens that longer
 * words break: each sentence in brackets, and a third longer.
 */
export const invented: Language = (english) => {
  const words = english.replace(/\{\w+\}/g, '');
  if (!/\p{L}/u.test(words)) return english;
  const more = Math.ceil([...words].length / 3);
  return `⟦${english} ${Array.from({ length: more }, (_, i) => LETTERS[i % LETTERS.length]).join('')}⟧`;
};
