import { Box, chakra, Flex } from '@chakra-ui/react';
import { Button } from './Button';

/** One of a few: all of them seen, the chosen one pressed. */
export function Pick<T extends string>({
  label,
  hint,
  options,
  chosen,
  onPick,
  disabled = false,
  inRow = false,
}: {
  label: string;
  hint?: string;
  options: readonly (readonly [value: T, label: string])[];
  /** Null where nothing stays chosen: each press says it once more. */
  chosen: T | null;
  onPick: (value: T) => void;
  disabled?: boolean;
  /** All in one line, however narrow. */
  inRow?: boolean;
}) {
  return (
    <Box as="fieldset">
      <chakra.legend fontSize="14px" color="mute" mb="1">
        {label}
      </chakra.legend>
      <Flex wrap={inRow ? 'nowrap' : 'wrap'} gap={inRow ? '1' : '2'}>
        {options.map(([value, said]) => (
          <Button
            key={value}
            look="answer"
            aria-pressed={chosen === null ? undefined : chosen === value}
            disabled={disabled}
            {...(inRow ? { flex: '1 1 auto', px: '1', fontSize: '14.5px', whiteSpace: 'nowrap' } : {})}
            onClick={() => onPick(value)}
          >
            {said}
          </Button>
        ))}
      </Flex>
      {hint && (
        <Box mt="1" fontSize="14px" color="mute">
          {hint}
        </Box>
      )}
    </Box>
  );
}
