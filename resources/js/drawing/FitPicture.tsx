import type { FitBands } from '../api/types';
import { ink, LETTERING } from '../theme/system';

const WIDTH = 560;
const HEIGHT = 230;
const LEFT = 96;
const BAR = 104;

/** Round steps for an axis of so many micrometres. */
const stepOf = (span: number): number => [5, 10, 20, 50, 100, 200, 500].find((step) => span / step <= 6) ?? 1000;

/**
 * Where ring and seat lie about the nominal size, as two bands: they overlap where the ring grips. `text` writes a size,
 * `off` how far from it, both from mm.
 */
export function FitPicture({
  bands,
  onShaft,
  text,
  off,
}: {
  bands: FitBands;
  onShaft: boolean;
  text: (mm: number) => string;
  off: (mm: number) => string;
}) {
  const all = [bands.ring_low_mm, bands.ring_high_mm, bands.seat_low_mm, bands.seat_high_mm, 0].map((mm) => mm * 1000);
  const step = stepOf(Math.max(...all) - Math.min(...all));
  const top = Math.ceil((Math.max(...all) + step * 0.2) / step) * step;
  const bottom = Math.floor((Math.min(...all) - step * 0.2) / step) * step;
  const y = (um: number): number => 14 + ((top - um) / (top - bottom)) * (HEIGHT - 44);
  const ticks = Array.from({ length: Math.round((top - bottom) / step) + 1 }, (_, i) => bottom + i * step);
  const bar = (name: string, x: number, low: number, high: number, colour: string, measured: boolean) => (
    <g key={name}>
      <rect
        x={x}
        y={y(high * 1000)}
        width={BAR}
        height={Math.max(3, y(low * 1000) - y(high * 1000))}
        fill={ink(colour)}
        fillOpacity={measured ? 0.75 : 0.35}
        stroke={ink(colour)}
        strokeWidth="1.6"
        strokeDasharray={measured ? undefined : '5 3'}
      />
      <text
        x={x + BAR / 2}
        y={HEIGHT - 12}
        textAnchor="middle"
        fill={ink('ink')}
        fontSize="14"
        style={{ fontFamily: LETTERING }}
        fontWeight="600"
      >
        {name}
      </text>
      <text x={x + BAR / 2} y={HEIGHT + 2} textAnchor="middle" fill={ink('mute')} fontSize="11.5">
        {measured ? 'as measured' : 'by the standard'}
      </text>
    </g>
  );
  const ringMid = (bands.ring_low_mm + bands.ring_high_mm) / 2;
  const seatMid = (bands.seat_low_mm + bands.seat_high_mm) / 2;
  const grip = onShaft ? seatMid - ringMid : ringMid - seatMid;
  const between = `${grip >= 0 ? 'overlap' : 'gap'} of ${off(Math.abs(grip))}`;
  const x = LEFT + 2 * BAR + 66;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT + 8}`}
      width="100%"
      style={{ maxWidth: WIDTH, display: 'block' }}
      role="img"
      aria-label={`Ring and ${onShaft ? 'shaft' : 'bore'} about ${bands.nominal_mm} mm: ${between} between their middles`}
    >
      {ticks.map((um) => (
        <g key={um}>
          <path
            d={`M${LEFT - 6} ${y(um)}H${LEFT + 2 * BAR + 40}`}
            stroke={ink(um === 0 ? 'ink' : 'line')}
            strokeWidth={um === 0 ? 1.4 : 0.8}
          />
          <text x={LEFT - 10} y={y(um) + 4} textAnchor="end" fill={ink('mute')} fontSize="12">
            {um === 0 ? text(bands.nominal_mm) : `${um > 0 ? '+' : '−'}${off(Math.abs(um) / 1000)}`}
          </text>
        </g>
      ))}
      {bar('ring', LEFT + 8, bands.ring_low_mm, bands.ring_high_mm, 'blue', bands.ring_measured)}
      {bar(
        onShaft ? 'shaft' : 'bore',
        LEFT + BAR + 32,
        bands.seat_low_mm,
        bands.seat_high_mm,
        'brass',
        bands.seat_measured,
      )}
      <g stroke={ink(grip >= 0 ? 'verdigris' : 'oxide')} fill="none" strokeWidth="2">
        <path d={`M${x - 14} ${y(ringMid * 1000)}H${x + 6}M${x - 14} ${y(seatMid * 1000)}H${x + 6}`} strokeWidth="1" />
        <path d={`M${x - 4} ${y(ringMid * 1000)}V${y(seatMid * 1000)}`} />
      </g>
      <text
        x={x + 12}
        y={(y(ringMid * 1000) + y(seatMid * 1000)) / 2 + 2}
        fill={ink(grip >= 0 ? 'verdigris' : 'oxide')}
        fontSize="24"
        style={{ fontFamily: LETTERING }}
        fontWeight="600"
      >
        {off(Math.abs(grip))}
      </text>
      <text x={x + 12} y={(y(ringMid * 1000) + y(seatMid * 1000)) / 2 + 18} fill={ink('ink')} fontSize="12.5">
        {grip >= 0 ? 'tight, in the middle' : 'loose, in the middle'}
      </text>
    </svg>
  );
}
