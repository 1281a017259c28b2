/** Lays another language over the English of the program: whole sentences, their {places} kept. What it has no words for stays as it is. */
export type Language = (english: string) => string;

const english: Language = (text) => text;

let over: Language = english;

export const inLanguage: Language = (text) => over(text);

/** The language that the page says it is in. Only languages that are not English are fetched. */
export async function speak(tag: string): Promise<void> {
  over = tag === 'x-invented' ? (await import('./invented')).invented : english;
}
