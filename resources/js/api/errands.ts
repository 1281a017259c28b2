import { answer, api, Refusal } from './client';
import type { ErrandSheet } from './types';

/** How often it is asked how far something is. */
const ASKED_EVERY_MS = 500;

/** How far something is that is done behind the answer. */
export type Far = { done: number; of: number };

/**
 * Waits for what is done behind the answer. It goes on when nobody waits; a server that is away for a while is asked again.
 *
 * @throws Refusal when it could not be done
 */
export async function finished(begun: ErrandSheet, far: (far: Far) => void = () => {}): Promise<ErrandSheet> {
  let errand = begun;
  while (errand.state === 'waiting' || errand.state === 'running') {
    far({ done: errand.done, of: errand.of });
    await new Promise((resolve) => setTimeout(resolve, ASKED_EVERY_MS));
    errand = await answer(api.GET('/errands/{errand}', { params: { path: { errand: errand.id } } })).catch(
      (fault: Refusal) => {
        if (fault.passing) return errand;
        throw fault;
      },
    );
  }
  if (errand.state === 'done') return errand;
  const detail = errand.problem ?? 'It could not be done.';
  throw new Refusal(422, {
    type: '/problems/errand',
    title: 'Not done',
    status: 422,
    detail,
    errors: errand.field ? [{ field: errand.field, detail }] : [],
  });
}

/** Whether the answer is that it is done behind it. */
export const isErrand = (said: object): said is ErrandSheet => 'state' in said && 'of' in said;
