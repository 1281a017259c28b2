/** How far taps lie off an even slowing, in milliseconds; null while there are too few. */
export function scatter(times: number[]): number | null {
  const gaps = times.slice(1).map((time, i) => time - (times[i] as number));
  const bends = gaps.slice(2).map((gap, i) => gap - 2 * (gaps[i + 1] as number) + (gaps[i] as number));
  if (bends.length < 2) return null;
  // A tap that is off shows in three gaps that stand side by side: 1, −3, 3, −1 of it. The middle one, lest one miss says all.
  const squares = bends.map((bend) => bend * bend).sort((a, b) => a - b);
  const middle = squares[Math.floor(squares.length / 2)] as number;
  return 1000 * Math.sqrt(middle / 20 / 0.455);
}

/** Turns a second by the last two taps; null while there are none. */
export function pace(times: number[]): number | null {
  const [before, last] = [times.at(-2), times.at(-1)];
  return before !== undefined && last !== undefined && last > before ? 1 / (last - before) : null;
}
