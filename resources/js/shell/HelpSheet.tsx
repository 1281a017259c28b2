import { chakra, Flex, Grid } from '@chakra-ui/react';
import { Fragment, useState } from 'react';
import { Check } from '../controls/Check';
import { singleKeys } from '../controls/keys';
import { Sheet } from '../controls/Sheet';
import { voice } from '../controls/voice';

const KEYS: [string, string][] = [
  ['1 … 7', 'the seven stations of a job'],
  ['n, p', 'next step, step before'],
  ['Page Down, Page Up', 'the same by a foot pedal, also from within a field'],
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

/** What the keyboard does, and what of it this device does. */
export const HelpSheet = ({ open, onClose }: { open: boolean; onClose: () => void }) => (
  <Sheet title="What the keys do" open={open} onClose={onClose}>
    <OnThisDevice />
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
      value, Enter, next field. What comes while no field has the focus goes to the field that waits for it; the code on
      a bag or a part opens what it names.
    </chakra.p>
  </Sheet>
);

/** Single keys and the voice, each on or off for this device. */
function OnThisDevice() {
  const [keys, setKeys] = useState(singleKeys.on);
  const [aloud, setAloud] = useState(voice.on);
  return (
    <Flex direction="column" gap="1" mb="4">
      <Check
        checked={keys}
        onCheck={(on) => {
          singleKeys.set(on);
          setKeys(on);
        }}
      >
        Single keys do this on this device
      </Check>
      {voice.can() && (
        <Check
          checked={aloud}
          onCheck={(on) => {
            voice.set(on);
            setAloud(on);
          }}
        >
          Say aloud what is kept and what is judged
        </Check>
      )}
    </Flex>
  );
}
