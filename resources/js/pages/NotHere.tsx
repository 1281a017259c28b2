import { Box, chakra } from '@chakra-ui/react';
import { Link } from 'react-router';
import { useTitle } from '../controls/title';

/** An address that leads nowhere, and the way back. */
export function NotHere() {
  useTitle('No such page');
  return (
    <Box py="10" px="6">
      <chakra.h1 fontSize="26px" mb="2">
        There is no such page
      </chakra.h1>
      <Link to="/board">
        <chakra.span color="blue" textDecoration="underline" display="inline-block" py="2.5">
          To the board
        </chakra.span>
      </Link>
    </Box>
  );
}
