import { Box, chakra } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import type { Refusal } from '../api/client';
import { useOnline } from '../offline/online';
import { Button } from './Button';

/** Nothing here yet, and what to do about it. */
export const Empty = ({ title, children }: { title: string; children?: ReactNode }) => (
  <Box py="10" px="6" maxW="480px">
    <chakra.h2 fontSize="22px">{title}</chakra.h2>
    <Box mt="2" color="mute">
      {children}
    </Box>
  </Box>
);

export function Loading({ what }: { what: string }) {
  const online = useOnline();
  return (
    <Box py="10" px="6" color="mute" role="status">
      {online
        ? `Fetching ${what}…`
        : `No network, and ${what} was not opened on this device before. It comes by itself.`}
    </Box>
  );
}

/** Something could not be had. */
export const Trouble = ({ refusal, again }: { refusal: Refusal; again?: () => void }) => (
  <Box py="10" px="6" maxW="520px" role="alert">
    <chakra.h2 fontSize="22px" color="oxide">
      {refusal.problem.title}
    </chakra.h2>
    <Box mt="2" mb="4">
      {refusal.message}
    </Box>
    {again && (
      <Button look="plain" onClick={again}>
        Try again
      </Button>
    )}
  </Box>
);

/** What the page knows it is missing, over the top of what it still shows. */
export const Stale = ({ refusal }: { refusal: Refusal }) =>
  // Who is signed out is told so over the whole page, once.
  refusal.status === 401 ? null : (
    <Box role="status" px="5" py="1" bg="brassWash" fontSize="14px">
      {refusal.message} Shown is what was known before.
    </Box>
  );
