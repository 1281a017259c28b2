import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { Outlet, useNavigate } from 'react-router';
import { useWaiting } from '../api/records';
import { usePreferences, useSignOut } from '../api/session';
import { Bar } from '../controls/Bar';
import { Button } from '../controls/Button';
import { catchKeys } from '../controls/early';
import { useKeys } from '../controls/keys';
import { useOpener, useStray } from '../controls/loose';
import { Sheet } from '../controls/Sheet';
import { isBy } from '../offline/queue';
import { type Mode, useMode } from '../theme/mode';
import { usePerson } from '../words/person';
import { Hands, useBack } from './Hands';
import { HelpSheet } from './HelpSheet';
import { useLock } from './idle';
import { Rail } from './Rail';
import { SignedOut } from './SignedOut';
import { LongWork, MayBeCleared, OthersWait, Unnamed } from './Waiting';

/** A reading that came while no field waited for one: said, never acted upon. */
function Stray() {
  const [text, putAway] = useStray();
  if (text === null) return null;
  return (
    <Bar>
      <chakra.span color="brass" fontFamily="heading" fontWeight="600" fontSize="20px">
        {text} came
      </chakra.span>
      <chakra.span flex="1">Nothing here waits for it. Tap the field it belongs to and send it again.</chakra.span>
      <Button look="quiet" onClick={putAway}>
        Put away
      </Button>
    </Bar>
  );
}

/** What this page cannot do because it came without a certificate that the browser trusts. */
function Insecure() {
  const [away, setAway] = useState(window.isSecureContext);
  if (away) return null;
  return (
    <Bar>
      <chakra.span flex="1">
        Without a certificate this page cannot be installed, listen, or open when the network is gone. All else works.
        With one: ./start --lan.
      </chakra.span>
      <Button look="quiet" onClick={() => setAway(true)}>
        Put away
      </Button>
    </Bar>
  );
}

/** The first thing Tab comes to: past all that stands around the work. */
const SkipLink = () => (
  <chakra.button
    type="button"
    position="absolute"
    top="-60px"
    left="3"
    zIndex="10"
    px="4"
    py="3"
    bg="card"
    color="blue"
    fontWeight="600"
    borderWidth="2px"
    borderColor="blue"
    borderRadius="sm"
    _focus={{ top: '3' }}
    onClick={() => {
      const work = document.getElementById('step') ?? document.querySelector('main h1');
      if (!(work instanceof HTMLElement)) return;
      work.tabIndex = -1;
      work.focus();
    }}
  >
    To the work
  </chakra.button>
);

/** The page, and the rail beside it or below it. */
export function Shell({ signedOut }: { signedOut: boolean }) {
  const person = usePerson();
  const navigate = useNavigate();
  const { mutate: prefer } = usePreferences();
  const { mutate: signOut } = useSignOut();
  const waiting = useWaiting().filter((one) => isBy(one, person)).length;
  const [help, setHelp] = useState(false);
  const [hands, setHands] = useState(false);
  const [left, unlock] = useLock(person.lock_minutes);
  const back = useBack();
  const locked = left || back;
  useMode(person.theme as Mode);
  const turnTheme = () => prefer({ theme: person.theme === 'dark' ? 'light' : 'dark' });
  const turnUnits = () => prefer({ units: person.units === 'in' ? 'mm' : 'in' });
  // biome-ignore lint/correctness/useExhaustiveDependencies: the two turns follow from the person
  const keys = useMemo(
    () => ({
      '?': () => setHelp(true),
      b: () => navigate('/board'),
      a: () => navigate('/ahead'),
      d: () => navigate('/bench-day'),
      m: () => navigate('/machines'),
      f: () => navigate('/finder'),
      '/': () => {
        const box = document.getElementById('ask');
        if (box) {
          box.focus();
          return;
        }
        catchKeys();
        navigate('/finder');
      },
      o: () => navigate('/parts'),
      w: () => navigate('/tools'),
      t: turnTheme,
      u: turnUnits,
    }),
    [navigate, person],
  );
  useKeys(keys);
  useOpener(navigate);
  return (
    <Grid
      templateColumns={{ base: 'minmax(0, 1fr)', lg: '76px minmax(0, 1fr)' }}
      templateRows={{ base: 'minmax(0, 1fr) auto', lg: 'minmax(0, 1fr)' }}
      h="100%"
    >
      <SkipLink />
      <Flex
        as="main"
        direction="column"
        minW="0"
        minH="0"
        overflow="auto"
        tabIndex={-1}
        order={{ lg: 1 }}
        _focusVisible={{ outline: 'none' }}
      >
        {signedOut && <SignedOut name={person.name} email={person.email} />}
        <Insecure />
        <MayBeCleared />
        <Stray />
        <Unnamed />
        <OthersWait />
        <LongWork />
        <Box flex="1" minH="0">
          <Outlet />
        </Box>
      </Flex>
      <Rail
        waiting={waiting}
        turnUnits={turnUnits}
        turnTheme={turnTheme}
        onHelp={() => setHelp(true)}
        onHands={() => setHands(true)}
        onSignOut={() => signOut()}
      />
      <HelpSheet open={help} onClose={() => setHelp(false)} />
      <Sheet
        title={
          back ? 'The network is back: who stands here' : locked ? `${person.tablet} is locked` : 'Who stands here'
        }
        open={hands || locked}
        onClose={() => setHands(false)}
        stays={locked}
      >
        <Hands
          onDone={() => {
            setHands(false);
            unlock();
          }}
          onPassword={() => signOut()}
        />
        {locked && (
          <Button look="quiet" mt="2" onClick={() => signOut()}>
            Sign out
          </Button>
        )}
      </Sheet>
    </Grid>
  );
}
