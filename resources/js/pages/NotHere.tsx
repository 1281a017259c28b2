import { chakra } from '@chakra-ui/react';
import { Link } from 'react-router';
import { Empty } from '../controls/States';

export const NotHere = () => (
  <Empty title="There is no such page">
    <Link to="/board">
      <chakra.span color="blue" textDecoration="underline">
        To the board
      </chakra.span>
    </Link>
  </Empty>
);
