/** Lays another language over the English of the program: whole sentences, their {places} kept. What it has no words for stays as it is. */
export type Language = (english: string) => string;

const english: Language = (text) => text;

let over: Language = english;

export const inLanguage: Language = (text) => over(text);

/** Speaks the language that the page says it is in, from the same file that paper reads. English needs none. */
export async function speak(tag: string): Promise<void> {
  const files = import.meta.glob<Record<string, string>>('/lang/*.json', { import: 'default' });
  const lines = await files[`/lang/${tag}.json`]?.();
  if (lines) over = (text) => lines[text] ?? text;
  else over = tag === 'x-invented' ? (await import('./invented')).invented : english;
}
