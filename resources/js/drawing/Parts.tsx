import type { Shape } from '../api/types';
import { ink } from '../theme/system';
import { polygon, type Scale } from './scale';

/** Ring thickness, ball and corner as shares of a bearing's section: single-row deep groove. */
const RING = 0.21;
const BALL = 0.3;
const CORNER_MM = 0.9;

interface Props {
  shape: Shape;
  scale: Scale;
}

const box = ({ shape, scale }: Props) => ({
  x: scale.x(shape.from_mm),
  y: scale.y(shape.outer_mm),
  width: (shape.to_mm - shape.from_mm) * scale.perMm,
  height: (shape.outer_mm - shape.inner_mm) * scale.perMm,
});

const edge = { stroke: ink('edge'), strokeWidth: 1.1 };

/** A ring of a bearing with its corners broken. */
function Ring({
  x,
  y,
  width,
  height,
  corner,
  fill,
}: {
  x: number;
  y: number;
  width: number;
  height: number;
  corner: number;
  fill: string;
}) {
  const c = Math.min(corner, width / 3, height / 3);
  const points: [number, number][] = [
    [x + c, y],
    [x + width - c, y],
    [x + width, y + c],
    [x + width, y + height - c],
    [x + width - c, y + height],
    [x + c, y + height],
    [x, y + height - c],
    [x, y + c],
  ];
  return <polygon points={polygon(points)} fill={fill} {...edge} />;
}

/** Both rings, a ball between them in its grooves, a seal at each face. */
function Bearing({ shape, scale }: Props) {
  const { x, y, width, height } = box({ shape, scale });
  const ring = RING * height;
  const corner = CORNER_MM * scale.perMm;
  const ball = BALL * height;
  const middle = { x: x + width / 2, y: y + height / 2 };
  const lip = Math.max(1.6, 0.09 * width);
  return (
    <>
      <Ring x={x} y={y} width={width} height={ring} corner={corner} fill="url(#ring-hatch)" />
      <Ring x={x} y={y + height - ring} width={width} height={ring} corner={corner} fill="url(#ring-hatch)" />
      <circle cx={middle.x} cy={middle.y} r={ball} fill={ink('card')} {...edge} strokeWidth={1.3} />
      {[x + 1, x + width - 1 - lip].map((left) => (
        <rect key={left} x={left} y={y + ring} width={lip} height={height - 2 * ring} fill={ink('seal')} />
      ))}
    </>
  );
}

/** An oil seal: its case, and the lip that leans inward to the axle. */
function Seal({ shape, scale }: Props) {
  const { x, y, width, height } = box({ shape, scale });
  const inward = shape.side === 'right' ? -1 : 1;
  const face = inward > 0 ? x : x + width;
  const wall = Math.max(2, 0.22 * width);
  const at = (share: number): number => face + inward * share * width;
  return (
    <>
      <path
        d={`M${face} ${y} H${at(1)} v${wall} H${at(0) + inward * wall} V${y + height * 0.55} L${at(0.75)} ${y + height} L${at(0.5)} ${y + height} L${face} ${y + height * 0.62} Z`}
        fill={ink('seal')}
        {...edge}
      />
      <circle
        cx={at(0.68)}
        cy={y + height * 0.84}
        r={Math.max(1.4, 0.1 * width)}
        fill={ink('card')}
        stroke={ink('edge')}
      />
    </>
  );
}

function Plain({ shape, scale }: Props) {
  const fill = {
    axle: ink('steelPale'),
    spacer: ink('steelPale'),
    sleeve: 'url(#sleeve-hatch)',
    snap_ring: ink('edge'),
  }[shape.kind as string];
  return (
    <rect {...box({ shape, scale })} fill={fill ?? ink('steel')} {...edge} rx={shape.kind === 'snap_ring' ? 0.8 : 0} />
  );
}

/** One part of the section, at its place and to scale. */
export function PartDrawing(props: Props) {
  if (props.shape.kind === 'bearing') return <Bearing {...props} />;
  if (props.shape.kind === 'seal') return <Seal {...props} />;
  return <Plain {...props} />;
}

/** Where a part belongs that is not there now. */
export const Ghost = (props: Props) => (
  <rect {...box(props)} fill="none" stroke={ink('mute')} strokeWidth={1} strokeDasharray="4 4" opacity={0.75} />
);
