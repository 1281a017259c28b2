import type { Message, Quantity, Words } from '../api/types';
import { inLanguage } from './language';

export type Units = 'mm' | 'in';

const MM_PER_INCH = 25.4;
const SYMBOLS: Record<Quantity['unit'], string> = {
  mm: ' mm',
  deg: '°',
  n: ' N',
  nm: ' N·m',
  c: ' °C',
  k: ' K',
  mpa: ' MPa',
  share: '%',
  g: ' g',
  cm3: ' cm³',
  s: ' s',
  count: '',
};

/** Half-way goes away from nought, as written: 1.005 is 1.01. Nought has no sign. As the server writes numbers. */
function rounded(value: number, digits: number): string {
  const size = Math.abs(Number(value.toPrecision(15)));
  // Numbers below this are written with an exponent; none is shown with so many decimals.
  if (size < 1e-6) return (0).toFixed(digits);
  const shown = Number(`${Math.round(Number(`${size}e${digits}`))}e-${digits}`).toFixed(digits);
  return value < 0 && Number(shown) !== 0 ? `-${shown}` : shown;
}

/** A number in the person's units, without its unit. */
export function amount(value: number, unit: Quantity['unit'], digits: number, units: Units): string {
  if (unit === 'mm' && units === 'in') return rounded(value / MM_PER_INCH, digits >= 3 ? 4 : 3);
  return rounded(unit === 'share' ? value * 100 : value, digits);
}

export const symbol = (unit: Quantity['unit'], units: Units): string =>
  unit === 'mm' && units === 'in' ? ' in' : SYMBOLS[unit];

/** A quantity as a person reads it. */
export const shown = (quantity: Quantity, units: Units): string =>
  amount(quantity.value, quantity.unit, quantity.digits, units) + symbol(quantity.unit, units);

/** A length in mm as a person reads it. */
export const length = (mm: number, units: Units, digits = 2): string => shown({ value: mm, unit: 'mm', digits }, units);

/** The half-width in mm of a reading: ± 0.03, ± 0.005. */
export const within = (half: number, units: Units): string =>
  `± ${units === 'in' ? amount(half, 'mm', 3, units) : Number(half.toFixed(3))}`;

/** Several lengths as one size: 20 × 47 × 14 mm. */
export const sizes = (mm: number[], units: Units): string =>
  mm.map((one) => amount(one, 'mm', units === 'in' ? 3 : 2, units)).join(' × ') + symbol('mm', units);

/** An amount in minor units as people write it. */
export const money = (minor: number, currency: string): string =>
  `${currency}${currency ? ' ' : ''}${Math.floor(minor / 100)}.${String(minor % 100).padStart(2, '0')}`;

/** A small departure from a size, as people say it: micrometres, or thousandths of an inch. */
export const deviation = (mm: number, units: Units): string =>
  units === 'in' ? `${((mm / MM_PER_INCH) * 1000).toFixed(1)} thou` : `${Math.round(mm * 1000)} µm`;

/** As it stands at the head of a field. */
export const headed = (text: string): string => text.charAt(0).toLocaleUpperCase() + text.slice(1);

const isMessage = (value: Message | Quantity): value is Message => 'text' in value;

/** Words as they are read: those that are whole as they stand, or a message with its values in place. */
export function say(words: Words, units: Units): string {
  if (typeof words === 'string') return inLanguage(words);
  return inLanguage(words.text).replace(/\{(\w+)\}/g, (place, name: string) => {
    const value = words.values[name];
    if (value === undefined) return place;
    if (typeof value !== 'object') return String(value);
    return isMessage(value) ? say(value, units) : shown(value, units);
  });
}
