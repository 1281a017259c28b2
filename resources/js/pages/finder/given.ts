/** What is filled in of a calculator's fields, as it was typed. */
export type Given = Record<string, unknown>;

const blank = (value: unknown): boolean =>
  value === '' || value === undefined || (Array.isArray(value) && value.length === 0);

/** What is filled in, without what is left empty. */
export const filled = (given: Given): Given =>
  Object.fromEntries(
    Object.entries(given)
      .filter(([, value]) => !blank(value))
      .map(([name, value]) => [
        name,
        Array.isArray(value)
          ? value.map((one) => (one !== null && typeof one === 'object' ? filled(one as Given) : one))
          : value,
      ]),
  );
