import { chakra, Grid } from '@chakra-ui/react';
import { Fragment } from 'react';
import { Sheet } from '../controls/Sheet';

const KEYS: [string, string][] = [
  ['1 … 7', 'the seven stations of a job'],
  ['n, p', 'next step, step before'],
  ['Enter', 'keep a reading and go to the next field'],
  ['Tab, Space', 'go to an answer, give it'],
  ['Escape', 'leave a field without keeping what is typed'],
  ['b, d, a, m', 'board, bench day, ahead, machines'],
  ['f, o, w', 'finder, orders, tool wall'],
  ['/', 'ask the Finder, from anywhere'],
  ['← →', 'on a hub: the part before, the next'],
  ['[ ]', 'on a hub: move the part left, right'],
  ['x, c, Delete', 'on a hub: turn it round, one more, take it out'],
  ['z, y', 'on a hub: undo, redo'],
  ['t', 'light or dark'],
  ['u', 'millimetres or inches'],
  ['?', 'this sheet'],
];

/** What the keyboard does. */
export const HelpSheet = ({ open, onClose }: { open: boolean; onClose: () => void }) => (
  <Sheet title="What the keys do" open={open} onClose={onClose}>
    <Grid as="dl" templateColumns="auto 1fr" columnGap="5" rowGap="2">
      {KEYS.map(([key, what]) => (
        <Fragment key={key}>
          <chakra.dt fontFamily="heading" fontWeight="600" fontSize="18px">
            {key}
          </chakra.dt>
          <chakra.dd>{what}</chakra.dd>
        </Fragment>
      ))}
    </Grid>
    <chakra.p mt="4" color="mute">
      Type readings as they come: 25.4, 25,4, 1 in, 1 1/16", 27/64, 0.003in. A caliper that types like a keyboard works:
      value, Enter, next field.
    </chakra.p>
  </Sheet>
);
