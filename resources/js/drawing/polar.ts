/** A point at an angle clockwise from 12, in degrees. */
export const polar = (degrees: number, radius: number): { x: number; y: number } => ({
  x: Math.sin((degrees * Math.PI) / 180) * radius,
  y: -Math.cos((degrees * Math.PI) / 180) * radius,
});

export const point = (degrees: number, radius: number): string => {
  const { x, y } = polar(degrees, radius);
  return `${x.toFixed(2)} ${y.toFixed(2)}`;
};

/** An arc clockwise from one angle to another; less than a whole turn. */
export const arcPath = (from: number, to: number, radius: number): string =>
  `M${point(from, radius)}A${radius} ${radius} 0 ${to - from > 180 ? 1 : 0} 1 ${point(to, radius)}`;
