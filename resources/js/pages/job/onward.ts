import { useEffect, useMemo, useRef } from 'react';
import type { StationReport, Step } from '../../api/types';

/** The first step that still wants something; what is optional waits to be chosen. */
export const openStep = (steps: Step[]): Step | undefined => steps.find((one) => !one.done && !one.optional);

/** Whether a place is asked at a step beside what is wanted there. */
export const isBeside = (step: Step, place: string): boolean =>
  step.asks.some((one) => one.wanted) && step.asks.some((one) => one.place === place && !one.wanted);

/** Whose hand was at which step: an entry marks it, choosing a step by oneself wipes it. */
export interface AtHand {
  entered: (step: string) => void;
  chosen: () => void;
}

/**
 * Goes on once a step was done by what was entered in it since it was chosen: to the next that wants something, of this
 * station or the one after. What stops or wants care is read first, nobody is led away from a field that is being typed
 * in, and what arrives late or from another hand leads nobody.
 */
export function useOnward(
  kept: StationReport | undefined,
  stepId: string,
  typing: boolean,
  onward: (from: Step, to: Step | undefined) => void,
): AtHand {
  const before = useRef<{ id: string; through: boolean } | null>(null);
  const entered = useRef<string | null>(null);
  const step = kept?.steps.find((one) => one.id === stepId);
  useEffect(() => {
    if (!step || !kept) return;
    const was = before.current;
    before.current = { id: step.id, through: step.leads_on };
    if (typing || entered.current !== step.id) return;
    if (was?.id !== step.id || was.through || !step.leads_on) return;
    entered.current = null;
    onward(step, openStep(kept.steps.slice(kept.steps.indexOf(step) + 1)));
  }, [kept, step, typing, onward]);
  return useMemo(
    () => ({
      entered: (id) => {
        entered.current = id;
      },
      chosen: () => {
        entered.current = null;
      },
    }),
    [],
  );
}
