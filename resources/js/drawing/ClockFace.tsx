import { ink } from '../theme/system';

const SIZE = 250;
const R = SIZE / 2;
const HOURS = [0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11];

/** A point on a circle round the middle, at an hour of the clock. */
export const onClock = (hour: number, radius: number): { x: number; y: number } => ({
  x: Math.sin((hour * Math.PI) / 6) * radius,
  y: -Math.cos((hour * Math.PI) / 6) * radius,
});

export const hours = (text: string): number => {
  const [hour = 0, minute] = text.split(':').map(Number);
  return hour + (minute ? 0.5 : 0);
};

interface Mark {
  hour: string;
  text: string;
  tone: 'oxide' | 'brass' | 'blue' | 'mute';
}

/** An arc of a ring round an hour, an hour and a half to each side. */
function arc(hour: number, radius: number): string {
  const [a, b] = [onClock(hour - 1.3, radius), onClock(hour + 1.3, radius)];
  return `M${a.x} ${a.y}A${radius} ${radius} 0 0 1 ${b.x} ${b.y}`;
}

/** The clock face: 12 up. The outer ring of the bearing, what was read round it, and where to tap. */
export function ClockFace({
  marks,
  high,
  tone,
  middle,
  onHour,
}: {
  marks: Mark[];
  high: string | null;
  tone: 'oxide' | 'brass';
  middle: string[];
  /** An hour that is tapped: a place to read at. By keyboard the same is had from buttons beside the face. */
  onHour?: (hour: string) => void;
}) {
  const ring = 84;
  return (
    <svg
      viewBox={`${-R} ${-R} ${SIZE} ${SIZE}`}
      width="100%"
      style={{ maxWidth: SIZE, display: 'block', fontFamily: 'var(--chakra-fonts-heading)', fontWeight: 600 }}
      role="img"
      aria-label={high ? `${tone === 'oxide' ? 'Proud at' : 'Tap here:'} ${high} o'clock` : 'Readings round the clock'}
    >
      <circle r={R - 4} fill={ink('card')} stroke={ink('line')} strokeWidth={2} />
      <circle r={ring} fill="none" stroke={ink('steel')} strokeWidth={16} />
      <circle r={44} fill="none" stroke={ink('steel')} strokeWidth={9} />
      {HOURS.map((hour) => {
        const [a, b] = [onClock(hour, R - 11), onClock(hour, R - 4)];
        return (
          <path key={hour} d={`M${a.x} ${a.y}L${b.x} ${b.y}`} stroke={ink('mute')} strokeWidth={hour % 3 ? 1 : 2.4} />
        );
      })}
      {onHour &&
        HOURS.map((hour) => {
          const at = onClock(hour, ring);
          return (
            // biome-ignore lint/a11y/noStaticElementInteractions: a shortcut of what the buttons beside it do
            <circle
              key={`tap-${hour}`}
              cx={at.x}
              cy={at.y}
              r={20}
              fill="transparent"
              style={{ cursor: 'pointer' }}
              onClick={() => onHour(hour === 0 ? '12' : String(hour))}
            />
          );
        })}
      {high && <path d={arc(hours(high), ring)} pointerEvents="none" fill="none" stroke={ink(tone)} strokeWidth={16} />}
      {marks.map((mark) => {
        const at = onClock(hours(mark.hour), ring);
        return (
          <g key={mark.hour} pointerEvents="none" transform={`translate(${at.x} ${at.y})`}>
            <circle r={22} fill={ink('card')} stroke={ink(mark.tone)} strokeWidth={2} />
            <text y={5} textAnchor="middle" fontSize={mark.text.length > 5 ? 12 : 15.5} fill={ink('ink')}>
              {mark.text}
            </text>
          </g>
        );
      })}
      {middle.map((line, i) => (
        <text
          key={line}
          y={(i - (middle.length - 1) / 2) * 20 + 6}
          textAnchor="middle"
          fontSize={17}
          fill={high ? ink(tone) : ink('ink')}
        >
          {line}
        </text>
      ))}
    </svg>
  );
}
