import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import {
  CalendarClock,
  CircleGauge,
  ClipboardList,
  Drill,
  type LucideIcon,
  Motorbike,
  Package,
  ScanSearch,
  Store,
} from 'lucide-react';
import { useMemo, useState } from 'react';
import { NavLink, Outlet, useLocation, useNavigate } from 'react-router';
import { useWaiting } from '../api/records';
import { usePreferences, useSignOut } from '../api/session';
import { Bar } from '../controls/Bar';
import { Button } from '../controls/Button';
import { catchKeys } from '../controls/early';
import { useKeys } from '../controls/keys';
import { useStray } from '../controls/loose';
import { Sheet } from '../controls/Sheet';
import { isBy } from '../offline/queue';
import { type Mode, useMode } from '../theme/mode';
import { usePerson } from '../words/person';
import { Hands, useBack } from './Hands';
import { HelpSheet } from './HelpSheet';
import { useLock } from './idle';
import { OthersWait, Unnamed } from './Waiting';

const PLACES: { to: string; label: string; icon: LucideIcon }[] = [
  { to: '/board', label: 'Board', icon: ClipboardList },
  { to: '/ahead', label: 'Ahead', icon: CalendarClock },
  { to: '/machines', label: 'Machines', icon: Motorbike },
  { to: '/finder', label: 'Finder', icon: ScanSearch },
  { to: '/parts', label: 'Parts', icon: Package },
  { to: '/tools', label: 'Tool wall', icon: Drill },
  { to: '/shop', label: 'Shop', icon: Store },
];

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

/** The rail on the left, the page beside it. */
export function Shell() {
  const person = usePerson();
  const navigate = useNavigate();
  const { pathname } = useLocation();
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
  return (
    <Grid templateColumns={{ base: '1fr', md: '76px 1fr' }} templateRows={{ base: '1fr auto', md: '1fr' }} h="100%">
      <Flex
        as="nav"
        aria-label="Main"
        direction={{ base: 'row', md: 'column' }}
        order={{ base: 2, md: 0 }}
        borderRightWidth={{ md: '1px' }}
        borderTopWidth={{ base: '1px', md: '0' }}
        borderColor="line"
        py={{ md: '2' }}
        overflowX="auto"
      >
        <Box display={{ base: 'none', md: 'block' }} alignSelf="center" py="2" color="blue" aria-hidden>
          <CircleGauge size={30} strokeWidth={1.6} />
        </Box>
        {PLACES.map(({ to, label, icon: Icon }) => (
          <NavLink key={to} to={to}>
            {({ isActive: here }) => {
              // People and log are leaves of the shop.
              const isActive = here || (to === '/shop' && (pathname === '/people' || pathname === '/log'));
              return (
                <Box
                  textAlign="center"
                  py="2"
                  px={{ base: '4', md: '0' }}
                  fontFamily="heading"
                  fontWeight="500"
                  fontSize="13px"
                  color={isActive ? 'blue' : 'mute'}
                  bg={isActive ? 'wash' : undefined}
                  boxShadow={isActive ? { md: 'inset 3px 0 0 0 currentColor' } : undefined}
                >
                  <chakra.span display="block" w="24px" mx="auto" mb="0.5">
                    <Icon size={24} strokeWidth={1.7} aria-hidden />
                  </chakra.span>
                  {label}
                </Box>
              );
            }}
          </NavLink>
        ))}
        <Flex direction={{ base: 'row', md: 'column' }} mt={{ md: 'auto' }} align="stretch" gap="0">
          <Button
            look="quiet"
            fontSize="13px"
            px="1"
            onClick={turnUnits}
            aria-label={`Units: ${person.units}. Change.`}
          >
            {person.units}
          </Button>
          <Button
            look="quiet"
            fontSize="13px"
            px="1"
            onClick={turnTheme}
            aria-label={`Theme: ${person.theme}. Change.`}
          >
            {person.theme === 'dark' ? 'Dark' : 'Light'}
          </Button>
          <Button look="quiet" fontSize="13px" px="1" onClick={() => setHelp(true)}>
            Keys ?
          </Button>
          {person.tablet !== null && (
            <Button
              look="quiet"
              fontSize="15px"
              px="1"
              onClick={() => setHands(true)}
              aria-label={`${person.name} stands here. Take over.`}
            >
              {person.name}
            </Button>
          )}
          <Button
            look="quiet"
            fontSize="13px"
            px="1"
            disabled={waiting > 0}
            onClick={() => signOut()}
            title={waiting > 0 ? 'Not before everything is kept' : `${person.name}, ${person.role}`}
          >
            Sign out
          </Button>
        </Flex>
      </Flex>
      <Box as="main" minW="0" minH="0" overflow="auto" tabIndex={0} _focusVisible={{ outline: 'none' }}>
        <Insecure />
        <Stray />
        <Unnamed />
        <OthersWait />
        <Outlet />
      </Box>
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
