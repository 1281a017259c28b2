import { Button } from '../../controls/Button';
import { TapPasses } from '../../controls/TapPasses';
import type { Given } from './given';

/** The passes of a wheel that runs out, tapped into the field for them; they can become what it was before, or the other wheel. */
export function SpinDownTaps({ given, onChange }: { given: Given; onChange: (given: Given) => void }) {
  const typed = String(given.passes ?? '').trim();
  const times = typed === '' ? [] : typed.split(/\s+/).map(Number);
  const written = (all: number[]) => all.map((time) => time.toFixed(3)).join(' ');
  return (
    <TapPasses times={times} onTimes={(all) => onChange({ ...given, passes: written(all) })}>
      {times.length > 0 && (
        <Button look="quiet" onClick={() => onChange({ ...given, passes: '' })}>
          Begin anew
        </Button>
      )}
      {times.length > 3 && (
        <>
          <Button look="quiet" onClick={() => onChange({ ...given, before: given.passes, passes: '' })}>
            That was before
          </Button>
          <Button look="quiet" onClick={() => onChange({ ...given, other: given.passes, passes: '' })}>
            That was the other wheel
          </Button>
        </>
      )}
    </TapPasses>
  );
}
