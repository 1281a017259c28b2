/** What a length is read with, by the short names of the bench. */
export const INSTRUMENTS: Record<string, string> = {
  steel_rule: 'rule',
  vernier: 'vernier',
  digital_caliper: 'caliper',
  caliper_compared: 'caliper, set on the ring',
  depth_caliper: 'depth rod',
  micrometer: 'micrometer',
  bore_gauge: 'bore gauge',
  depth_micrometer: 'depth mic.',
  dial_gauge: 'dial',
  feeler: 'feeler',
};
