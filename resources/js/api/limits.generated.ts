/** From core/data/limits.csv: npm run types. */
export const SOUND = {
  taps_loose: 0.045,
  turns_wanted: 25,
  turns_least: 15,
};
