import { readFileSync } from 'node:fs';
import { newId } from '../../resources/js/api/ids';
import type { Quantity } from '../../resources/js/api/types';
import { hours, onClock } from '../../resources/js/drawing/ClockFace';
import { fit } from '../../resources/js/drawing/scale';
import { day, dayOfYear, daysTo, moment, timeOfDay, weekday } from '../../resources/js/words/day';
import { amount, length, say, shown } from '../../resources/js/words/say';
import { expect, test } from './worker';

test.describe('words and numbers', () => {
  test('quantities are written as the server writes them, in the unit of the person', () => {
    const [, ...rows] = readFileSync('core/tests/Measure/quantities.csv', 'utf8').trim().split('\n');
    expect(rows.length).toBeGreaterThan(20);
    for (const row of rows) {
      const [value, unit, digits, metric, inch] = row.split(',') as [string, Quantity['unit'], string, string, string];
      const quantity = { value: Number(value), unit, digits: Number(digits) };
      expect(shown(quantity, 'mm'), row).toBe(metric);
      expect(shown(quantity, 'in'), row).toBe(inch);
    }
    expect(amount(-0.0714, 'mm', 3, 'mm')).toBe('-0.071');
    expect(length(104, 'mm')).toBe('104.00 mm');
  });

  test('a day is not moved by the hour of the clock it is read at', () => {
    expect(day('2026-04-26')).toContain('26');
    expect(moment('2026-04-26T14:05:00')).toMatch(/26.*05/);
    expect(moment('2026-04-26T14:05:33')).not.toContain('33');
    const late = new Date(2026, 3, 26, 23, 59);
    expect(daysTo('2026-04-26', late)).toBe(0);
    expect(daysTo('2026-04-27', late)).toBe(1);
    expect(daysTo('2026-03-27', new Date(2026, 3, 26))).toBe(-30);
  });

  test('a day is said as shortly as its place wants', () => {
    const noon = '2026-11-26T12:05:00';
    expect(dayOfYear(noon)).toContain('26');
    expect(dayOfYear(noon)).not.toContain('2026');
    expect(weekday('2026-11-26')).toMatch(/Thursday/);
    expect(timeOfDay(noon)).toMatch(/^0?\d{1,2}.05/);
    expect(timeOfDay(noon).length).toBeLessThan(9);
    // The turn of a year and of summer time are days like others.
    expect(daysTo('2027-01-01', new Date(2026, 11, 31, 18))).toBe(1);
    for (let n = 0; n < 366; n++) {
      const from = new Date(2026, 0, 1 + n, 7);
      const to = new Date(2026, 0, 8 + n);
      const on = [to.getFullYear(), to.getMonth() + 1, to.getDate()].map((x) => String(x).padStart(2, '0')).join('-');
      expect(daysTo(on, from)).toBe(7);
    }
  });

  test('a message fills its places and leaves what it does not know', () => {
    const message = {
      key: 'k',
      text: 'It stands {tilt} proud at {clock}; {what}.',
      values: { tilt: { value: 0.6, unit: 'mm' as const, digits: 2 }, clock: '12' },
    };
    expect(say(message, 'mm')).toBe('It stands 0.60 mm proud at 12; {what}.');
    expect(say(message, 'in')).toBe('It stands 0.024 in proud at 12; {what}.');
  });

  test('ids are UUIDs of version 4 and differ', () => {
    const ids = Array.from({ length: 200 }, newId);
    for (const id of ids) expect(id).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
    expect(new Set(ids).size).toBe(ids.length);
  });

  test('the clock has 12 up and turns clockwise', () => {
    expect(onClock(0, 10).y).toBeCloseTo(-10);
    expect(onClock(3, 10).x).toBeCloseTo(10);
    expect(onClock(6, 10).y).toBeCloseTo(10);
    expect(onClock(9, 10).x).toBeCloseTo(-10);
    expect(hours('1:30')).toBe(1.5);
    expect(hours('12')).toBe(12);
  });

  test('a section fits its box at one scale, centred', () => {
    const section = {
      from_mm: 0,
      to_mm: 104,
      radius_mm: 33,
      pieces: [],
      spans: [],
      gaps: [],
      note: null,
      left: 'Left',
      right: 'Right',
    };
    const scale = fit(section, 1200, 180);
    expect(scale.x(52)).toBeCloseTo(600);
    expect(scale.y(0)).toBe(180);
    expect(scale.y(33)).toBeGreaterThanOrEqual(0);
    expect(scale.x(104) - scale.x(0)).toBeCloseTo(104 * scale.perMm);
    expect(fit(section, 300, 180).perMm).toBeLessThan(scale.perMm);
  });
});
