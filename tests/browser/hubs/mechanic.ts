import { kept } from '../helpers';
import { expect, type Locator, type Page } from '../worker';

/** A step as the job's sheet tells of it. */
interface StepTold {
  id: string;
  done: boolean;
  leads_on: boolean;
  title: Words;
  ordinary: { label: Words } | null;
  asks: AskTold[];
  verdicts: { headline: Words; sentence: Words; next: Words | null; settled_by: Words | null; why: Words[] }[];
}

interface AskTold {
  place: string;
  label: Words;
  kind: string;
  wanted: boolean;
  borrowed: boolean;
  /** Whether it is a part that stays in when it is good. */
  leave: boolean;
  until: string | null;
  picture: string | null;
  options: { value: string; label: Words }[];
}

type Words = string | { text: string; values: Record<string, unknown> };

/** What a mechanic knows of one hub: readings and names as they are typed, answers that are not the ordinary ones. */
export interface Hub {
  pattern: string;
  complaint: string;
  /** By place, or by the end of a place. */
  typed: Record<string, string>;
  chosen: Record<string, string | string[]>;
  /** What usually goes otherwise at such a hub: answers and words beside those of an ordinary job. */
  trouble: { chosen: Record<string, string | string[]>; typed?: Record<string, string>; allowance?: number };
  /** What nothing on the screen may say of this hub. */
  forbidden: RegExp;
}

/** What is measured before a hub comes apart, where a hub says nothing else. */
const MEASURED: Record<string, string> = { length: '42.5', depth: '3.0', text: 'as drawn' };

/** A job as the server has it. */
interface Sheet {
  report: { stations: { steps: StepTold[] }[] };
  entries: { place: string; value: Record<string, unknown> | null }[];
}

const stepOf = (sheet: Sheet, id: string): StepTold =>
  sheet.report.stations.flatMap((one) => one.steps).find((one) => one.id === id) as StepTold;

/** Whether something stands there: of a part that goes in, that it does not lie on the tray. */
function answered(sheet: Sheet, ask: AskTold): boolean {
  const entry = sheet.entries.find((one) => one.place === ask.place);
  return entry !== undefined && (ask.kind !== 'part' || entry.value?.state !== 'on_tray' || ask.until !== 'fitted');
}

const english = (words: Words): string =>
  typeof words === 'string'
    ? words
    : words.text.replace(/\{(\w+)\}/g, (_, key: string) => {
        const value = words.values[key];
        return typeof value === 'object' && value !== null && 'text' in value ? english(value as Words) : String(value);
      });

const at = <T>(of: Record<string, T>, place: string): T | undefined =>
  of[place] ?? Object.entries(of).find(([end]) => end.startsWith('*') && place.endsWith(end.slice(1)))?.[1];

/** A mechanic at the bench with a finger that counts its taps and keys that are pressed one by one. */
export class Mechanic {
  taps = 0;

  readings = 0;

  /** Each step where it was seen, with what was said there. */
  readonly seen: { step: string; text: string; taps: number }[] = [];

  private wholeTakeDown = false;

  /** Steps by what their heading says. */
  private readonly titles = new Map<string, string>();

  constructor(
    private readonly page: Page,
    private readonly job: number,
    private readonly hub: Hub,
    /** By touch; by keys, and nothing is touched; or by what a screen reader names, and by nothing else. */
    private readonly how: 'touch' | 'keys' | 'roles' = 'touch',
  ) {}

  /** Where something is asked. */
  private box(ask: AskTold): Locator {
    // What is done is ticked, what waits to be sent says so: beside that its name is its own.
    const name = new RegExp(`^(✓ )?${english(ask.label).replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}( ?waits)?$`);
    return this.how === 'roles'
      ? this.page.getByRole(ask.kind === 'tick' ? 'button' : 'group', { name }).first()
      : this.page.locator(`[data-place="${ask.place}"]`);
  }

  /** The one-tap answers of a step: its own, and those of the whole take-down. */
  private ordinaries(step: StepTold, of: 'step' | 'all'): Locator {
    if (this.how !== 'roles') return this.page.locator(`button[data-ordinary="${of}"]`);
    const name =
      of === 'all' ? 'The whole take-down: off, good, as drawn' : english(step.ordinary?.label ?? 'nothing of it');
    return this.page.getByRole('button', { name, exact: true });
  }

  /** Goes through the job until it may be signed, and signs it. */
  async work(): Promise<void> {
    for (let i = 0; i < 90; i++) {
      const step = await this.step();
      if (step.id === 'prove.sign') {
        await this.look(step.id);
        await this.tap(this.page.getByRole('button', { name: /^Sign as/ }));
        await expect(this.page.getByRole('region', { name: 'Verdict', exact: true })).toContainText('Signed');
        return;
      }
      await this.one(step);
    }
    throw new Error('The job does not end.');
  }

  private async one(step: StepTold): Promise<void> {
    await this.look(step.id);
    const before = this.taps;
    const asked = new Set<string>();
    // An answer may ask for more: which is bad, why only one, what was noted of a chain.
    for (let asks = step.asks; asks.length > 0; ) {
      for (const ask of asks) asked.add(ask.place);
      for (const ask of asks) if (ask.kind === 'choices') await this.choose(ask);
      for (const ask of asks) await this.type(ask);
      for (const ask of asks) await this.choose(ask);
      await kept(this.page);
      if ((await this.here()) !== step.id) break;
      asks = (await this.told(step.id)).asks.filter((ask) => !asked.has(ask.place));
    }
    if (step.id === 'set.cone') await this.setCone();
    await this.ordinary(step.id);
    await kept(this.page);
    if ((await this.here()) === step.id) await this.rest(step);
    await kept(this.page);
    const now = await this.told(step.id);
    await this.look(step.id, now);
    if (now.leads_on) await expect.poll(() => this.here()).not.toBe(step.id);
    if ((await this.here()) === step.id) {
      await this.tap(this.page.getByRole('button', { name: /^Next: / }));
      await expect.poll(() => this.here()).not.toBe(step.id);
    }
    const seen = this.seen.at(-1);
    if (seen) seen.taps = this.taps - before;
  }

  /** What is asked by itself, answered as an ordinary job has it. */
  private async rest(step: StepTold): Promise<void> {
    const sheet = await this.sheet();
    for (const ask of stepOf(sheet, step.id).asks) {
      if (!ask.wanted || ask.borrowed || answered(sheet, ask)) continue;
      if ((await this.here()) !== step.id) return;
      const box = this.box(ask);
      if (ask.kind === 'tick') await this.tap(box);
      else if (ask.kind === 'choice') await this.tap(box.getByRole('button').first());
      else if (ask.kind === 'part')
        await this.tap(
          box
            .getByRole('button', { name: ask.leave ? 'Leave in place' : /^(Onto the tray|Fit it|Fit a new one)$/ })
            .first(),
        );
    }
  }

  /** One try that is right at once: its mark read, in the frame, smooth without play. */
  private async setCone(): Promise<void> {
    await this.page.locator('#cone-mark').click();
    await this.page.keyboard.type('10', { delay: 4 });
    await this.page.keyboard.press('Enter');
    this.readings++;
    await this.tap(this.page.getByRole('button', { name: 'In frame', exact: true }));
    await this.tap(this.page.getByRole('button', { name: 'Smooth, no play' }));
  }

  /** The one tap for what is as usual, once the page has heard what the server makes of the readings. */
  private async ordinary(step: string): Promise<void> {
    await kept(this.page);
    const told = await this.told(step);
    const all = this.ordinaries(told, 'all');
    const own = this.ordinaries(told, 'step');
    await expect
      .poll(
        async () =>
          told.ordinary === null || (await this.here()) !== step || (await all.count()) + (await own.count()) > 0,
      )
      .toBe(true);
    // What the next step offers is that step's to say.
    if ((await this.here()) !== step) return;
    if (!this.wholeTakeDown && (await all.count()) > 0) {
      this.wholeTakeDown = true;
      await this.tap(all);
    } else if ((await own.count()) > 0) await this.tap(own);
  }

  private async type(ask: AskTold): Promise<void> {
    const text = at(this.hub.typed, ask.place) ?? (ask.picture ? MEASURED[ask.kind] : undefined);
    const field =
      this.how === 'roles'
        ? this.page.getByRole('textbox', { name: english(ask.label), exact: true }).first()
        : this.page.locator(`input[data-place="${ask.place}"]`).first();
    if (text === undefined || (await field.count()) === 0 || (await field.inputValue()) !== '') return;
    await (this.how === 'touch' ? field.click() : field.focus());
    await this.page.keyboard.type(text, { delay: 4 });
    await this.page.keyboard.press('Enter');
    this.readings++;
  }

  private async choose(ask: AskTold): Promise<void> {
    const wanted = at(this.hub.chosen, ask.place);
    if (wanted === undefined || ask.options.length === 0) return;
    for (const value of [wanted].flat()) {
      const option = ask.options.find((one) => one.value === value);
      if (!option) throw new Error(`${ask.place} does not offer ${value}`);
      const label = english(option.label);
      const inBox = this.box(ask).getByRole('button', { name: label, exact: true });
      const itself = this.page.locator(`button[data-place="${ask.place}"]`).filter({ hasText: label });
      const button = inBox.or(itself).first();
      if ((await button.count()) > 0 && (await button.getAttribute('aria-pressed')) !== 'true') await this.tap(button);
    }
  }

  private async tap(what: Locator): Promise<void> {
    if (this.how !== 'touch') {
      await what.focus();
      await this.page.keyboard.press('Enter');
    } else await what.click();
    this.taps++;
  }

  /** What stands on the page, and what was judged of a step that may be gone from it by now. */
  private async look(step: string, judged?: StepTold): Promise<void> {
    // As it is seen: what is folded away is not read.
    // biome-ignore lint/performance/useDomNodeTextContent: as above
    const text = await this.page.locator('main').innerText();
    const said = (judged?.verdicts ?? []).flatMap((one) =>
      [one.headline, one.sentence, one.next, one.settled_by, ...one.why].map((words) => words && english(words)),
    );
    this.seen.push({ step, text: [text, ...said].join('\n'), taps: 0 });
  }

  /** Which step is in hand; for who hears the page only, the one whose title is its second heading. */
  private here = async (): Promise<string> => {
    if (this.how !== 'roles') return (await this.page.locator('section[data-step]').getAttribute('data-step')) ?? '';
    const title = await this.page.getByRole('heading', { level: 2 }).first().textContent();
    if (!this.titles.has(title ?? '')) {
      for (const one of (await this.sheet()).report.stations.flatMap((station) => station.steps))
        this.titles.set(english(one.title), one.id);
    }
    return this.titles.get(title ?? '') ?? '';
  };

  // By the page itself: it knows its server by whatever name and certificate it came.
  private sheet = (): Promise<Sheet> =>
    this.page.evaluate(async (address) => (await fetch(address)).json(), `/api/v1/jobs/${this.job}`);

  private told = async (id: string): Promise<StepTold> => stepOf(await this.sheet(), id);

  private step = async (): Promise<StepTold> => this.told(await this.here());
}
