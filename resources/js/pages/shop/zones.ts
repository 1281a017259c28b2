/** The time zones that this browser knows, and its own. */
export const zones = (): string[] => {
  const known = Intl.supportedValuesOf('timeZone');
  return known.includes('UTC') ? known : ['UTC', ...known];
};

export const zoneHere = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC';

/** Whether people here work in inches on letter paper. */
export const inchesHere = (): boolean => /-(US|LR|MM)$/.test(navigator.language);
