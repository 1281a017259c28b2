import type { JobReport, StationReport } from '../../api/types';
import { useLasting } from '../../controls/lasting';
import type { Unjudged } from '../../job/bench';
import { useOnline } from '../../offline/online';

/** A judgement that is on its way is not spoken of before this. */
const ON_ITS_WAY_MS = 400;

const NOTHING: Unjudged = { from: Number.POSITIVE_INFINITY, places: new Set(), why: null };

/** Where a place is asked first; what no station asks may matter to all of them. */
const askedAt = (stations: StationReport[], place: string): number =>
  Math.max(
    0,
    stations.findIndex((one) => one.steps.some((step) => step.asks.some((ask) => ask.place === place))),
  );

/**
 * What was entered that no judgement on the page knows of yet. A station judges by its own answers and those of the
 * stations before it: from the first that has something new on, what is shown belongs to what was there before.
 */
export function useUnjudged(report: JobReport, places: Set<string>): Unjudged {
  const online = useOnline();
  const lasts = useLasting(places.size > 0, ON_ITS_WAY_MS);
  if (places.size === 0 || (online && !lasts)) return NOTHING;
  return {
    from: Math.min(...[...places].map((place) => askedAt(report.stations, place))),
    places,
    why: online ? 'Not judged yet: it is on its way' : 'Not judged yet, waits for the network',
  };
}
