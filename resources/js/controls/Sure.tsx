import { Box, chakra, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { Refusal } from '../api/client';
import { Button } from './Button';

/** Something that cannot be taken back: asked for once, said what it does, and done at the second press. */
export function Sure({
  label,
  yes,
  says,
  busy,
  error,
  onYes,
}: {
  label: string;
  yes: string;
  /** What it does, and what stays. */
  says: string;
  busy: boolean;
  error: Refusal | null;
  onYes: () => void;
}) {
  const [asked, setAsked] = useState(false);
  return (
    <Box>
      {!asked && (
        <Button look="quiet" onClick={() => setAsked(true)}>
          {label}
        </Button>
      )}
      {asked && (
        <Box borderWidth="1px" borderColor="oxide" borderRadius="sm" p="3">
          <chakra.p mb="2">{says}</chakra.p>
          <Flex gap="3" wrap="wrap">
            <Button look="plain" disabled={busy} onClick={onYes}>
              {yes}
            </Button>
            <Button look="quiet" onClick={() => setAsked(false)}>
              Leave it
            </Button>
          </Flex>
        </Box>
      )}
      {error && (
        <Box role="alert" color="oxide" mt="2">
          {error.message}
        </Box>
      )}
    </Box>
  );
}
