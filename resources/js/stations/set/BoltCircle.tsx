import { polar } from '../../drawing/polar';
import { ink } from '../../theme/system';

/** The order in which bolts round a circle are tightened: each across from the last, then the next pair. */
export function crossOrder(bolts: number): number[] {
  const step = Math.floor(bolts / 2);
  const order: number[] = [];
  for (let at = 0; order.length < bolts; ) {
    order.push(at % bolts);
    at += step;
    while (order.length < bolts && order.includes(at % bolts)) at += 1;
  }
  return order;
}

/** Bolts round a circle with the number of each in the cross pattern. */
export function BoltCircle({ bolts }: { bolts: number }) {
  const order = crossOrder(bolts);
  return (
    <svg
      viewBox="-90 -90 180 180"
      width="100%"
      style={{ maxWidth: 180, display: 'block', fontFamily: 'var(--chakra-fonts-heading)', fontWeight: 600 }}
      role="img"
      aria-label={`Tighten crosswise, by the clock of the first: ${order.map((at) => at + 1).join(', ')}`}
    >
      <circle r={84} fill={ink('card')} stroke={ink('line')} strokeWidth={2} />
      <circle r={26} fill={ink('steelPale')} stroke={ink('edge')} strokeWidth={1.4} />
      {order.map((at, i) => {
        const { x, y } = polar((at * 360) / bolts, 58);
        return (
          <g key={at} transform={`translate(${x} ${y})`}>
            <circle r={16} fill={ink(i === 0 ? 'blue' : 'steelPale')} stroke={ink('edge')} strokeWidth={1.4} />
            <text y={6} textAnchor="middle" fontSize={17} fill={ink(i === 0 ? 'card' : 'ink')}>
              {i + 1}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
