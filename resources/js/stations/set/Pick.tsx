import { Box, chakra, Flex } from '@chakra-ui/react';
import { Button } from '../../controls/Button';

/** A few answers under one legend, of which at most one is chosen. */
export function Pick({
  legend,
  list,
  chosen,
  disabled,
  onPick,
  inRow = false,
}: {
  legend: string;
  list: readonly (readonly [string, string])[];
  chosen: string | null;
  disabled: boolean;
  onPick: (value: string) => void;
  inRow?: boolean;
}) {
  return (
    <Box as="fieldset">
      <chakra.legend fontSize="14px" color="mute" mb="1">
        {legend}
      </chakra.legend>
      <Flex wrap={inRow ? 'nowrap' : 'wrap'} gap={inRow ? '1' : '2'}>
        {list.map(([value, label]) => (
          <Button
            key={value}
            look="answer"
            aria-pressed={chosen === null ? undefined : chosen === value}
            disabled={disabled}
            {...(inRow ? { flex: '1 1 auto', px: '1', fontSize: '14.5px', whiteSpace: 'nowrap' } : {})}
            onClick={() => onPick(value)}
          >
            {label}
          </Button>
        ))}
      </Flex>
    </Box>
  );
}
