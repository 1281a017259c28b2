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
}: {
  label: string;
  hint?: string;
  options: readonly (readonly [value: T, label: string])[];
  chosen: T;
  onPick: (value: T) => void;
  disabled?: boolean;
}) {
  return (
    <Box as="fieldset">
      <chakra.legend fontSize="14px" color="mute" mb="1">
        {label}
      </chakra.legend>
      <Flex gap="2" wrap="wrap">
        {options.map(([value, said]) => (
          <Button
            key={value}
            look="answer"
            aria-pressed={value === chosen}
            disabled={disabled}
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
