import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import type { CalculatorField, Words } from '../../api/types';
import { Button } from '../../controls/Button';
import { Input, Labelled, Select } from '../../controls/Field';
import { useSay } from '../../words/person';
import type { Given } from './given';

/** The inputs of a calculator, from what it says of itself. */
export function Fields({
  fields,
  given,
  onChange,
  fault,
  numbers = [],
  onAt,
}: {
  fields: CalculatorField[];
  given: Given;
  onChange: (given: Given) => void;
  fault: (name: string) => string | undefined;
  /** Numbers of the fields that stand on a drawing, by their names; and which one is at hand. */
  numbers?: string[];
  onAt?: (name: string | null) => void;
}) {
  const set = (name: string, value: unknown) => onChange({ ...given, [name]: value });
  return (
    <Grid templateColumns="repeat(auto-fill, minmax(186px, 1fr))" alignItems="end" gap="4" mt="3">
      {fields.map((field) =>
        field.kind === 'list' ? (
          <Rows
            key={field.name}
            field={field}
            rows={(given[field.name] as Given[] | undefined) ?? []}
            onChange={(rows) => set(field.name, rows)}
            fault={fault}
          />
        ) : (
          <One
            key={field.name}
            field={field}
            value={given[field.name]}
            onChange={(value) => set(field.name, value)}
            fault={fault(field.name)}
            number={numbers.indexOf(field.name) + 1}
            onAt={onAt}
          />
        ),
      )}
    </Grid>
  );
}

const UNIT = /_(mm|n|c|mpa)$/;
const UNITS: Record<string, string> = { mm: 'mm', n: 'N', c: '°C', mpa: 'MPa' };
const named = (field: CalculatorField, say: (words: Words) => string): string => {
  const unit = UNIT.exec(field.name)?.[1];
  return unit ? `${say(field.label)}, ${UNITS[unit]}` : say(field.label);
};

function One({
  field,
  value,
  onChange,
  fault,
  number,
  onAt,
}: {
  field: CalculatorField;
  value: unknown;
  onChange: (value: unknown) => void;
  fault?: string;
  number: number;
  onAt?: (name: string | null) => void;
}) {
  const say = useSay();
  if (field.kind === 'choices') {
    const chosen = (value as string[] | undefined) ?? [];
    return (
      <Box as="fieldset" gridColumn="1 / -1">
        <chakra.legend fontSize="14px" color="mute" mb="1">
          {say(field.label)}
        </chakra.legend>
        <Flex wrap="wrap" gap="2">
          {field.options.map((option, i) => (
            <Button
              key={option}
              look="answer"
              aria-pressed={chosen.includes(option)}
              onClick={() =>
                onChange(chosen.includes(option) ? chosen.filter((one) => one !== option) : [...chosen, option])
              }
            >
              {say(field.labels[i] ?? option)}
            </Button>
          ))}
        </Flex>
      </Box>
    );
  }
  return (
    <Labelled label={named(field, say)} fault={fault} number={number || undefined}>
      {(props) =>
        field.kind === 'choice' || field.kind === 'yes_no' ? (
          <Select
            {...props}
            value={String(value ?? '')}
            onChange={(e) =>
              onChange(
                field.kind === 'yes_no'
                  ? e.target.value === ''
                    ? undefined
                    : e.target.value === 'true'
                  : e.target.value,
              )
            }
          >
            <option value="">
              {field.required ? 'Choose…' : field.usual === null ? 'Not said' : `As usual: ${say(field.usual)}`}
            </option>
            {(field.kind === 'yes_no' ? ['true', 'false'] : field.options).map((option, i) => (
              <option key={option} value={option}>
                {{ true: 'yes', false: 'no' }[option] ?? say(field.labels[i] ?? option)}
              </option>
            ))}
          </Select>
        ) : (
          <Input
            {...props}
            kind={field.kind === 'text' ? 'text' : 'reading'}
            value={typeof value === 'object' ? '' : String(value ?? '')}
            onChange={(e) => onChange(e.target.value)}
            onFocus={() => onAt?.(field.name)}
            onBlur={() => onAt?.(null)}
          />
        )
      }
    </Labelled>
  );
}

function Rows({
  field,
  rows,
  onChange,
  fault,
}: {
  field: CalculatorField;
  rows: Given[];
  onChange: (rows: Given[]) => void;
  fault: (name: string) => string | undefined;
}) {
  const say = useSay();
  const one = fault(field.name);
  return (
    <Box gridColumn="1 / -1">
      <chakra.h3 fontSize="16px">{say(field.label)}</chakra.h3>
      {one && (
        <Box role="alert" color="oxide" fontSize="14px">
          {one}
        </Box>
      )}
      {rows.map((row, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: rows have no name but their place
        <Flex key={i} gap="2" align="end" borderBottomWidth="1px" borderColor="line" pb="2">
          <Box flex="1">
            <Fields
              fields={field.of}
              given={row}
              onChange={(next) => onChange(rows.map((old, j) => (j === i ? next : old)))}
              fault={(name) => fault(`${field.name}.${i}.${name}`)}
            />
          </Box>
          <Button look="quiet" onClick={() => onChange(rows.filter((_, j) => j !== i))}>
            Remove
          </Button>
        </Flex>
      ))}
      <Button look="plain" mt="2" onClick={() => onChange([...rows, {}])}>
        Add one
      </Button>
    </Box>
  );
}
