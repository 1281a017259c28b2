import { Box, chakra, Flex } from '@chakra-ui/react';
import {
  CalendarClock,
  CircleGauge,
  ClipboardList,
  Drill,
  Ellipsis,
  type LucideIcon,
  Motorbike,
  Package,
  ScanSearch,
  Store,
} from 'lucide-react';
import { useEffect, useState } from 'react';
import { NavLink, useLocation } from 'react-router';
import { Button } from '../controls/Button';
import { Sheet } from '../controls/Sheet';
import { usePerson } from '../words/person';

interface Place {
  to: string;
  label: string;
  icon: LucideIcon;
  /** Shown on a phone too; the others lie behind More there. */
  near?: true;
}

const PLACES: Place[] = [
  { to: '/board', label: 'Board', icon: ClipboardList, near: true },
  { to: '/ahead', label: 'Ahead', icon: CalendarClock },
  { to: '/machines', label: 'Machines', icon: Motorbike, near: true },
  { to: '/finder', label: 'Finder', icon: ScanSearch, near: true },
  { to: '/parts', label: 'Parts', icon: Package, near: true },
  { to: '/tools', label: 'Tool wall', icon: Drill },
  { to: '/shop', label: 'Shop', icon: Store },
];

/** People and log are leaves of the shop. */
const isOf = (place: Place, pathname: string): boolean =>
  place.to === '/shop' && (pathname === '/people' || pathname === '/log');

const Mark = ({ label, icon: Icon, here = false }: { label: string; icon: LucideIcon; here?: boolean }) => (
  <Box
    textAlign="center"
    minH={{ base: '56px', lg: 'auto' }}
    py={{ base: '1.5', lg: '2' }}
    fontFamily="heading"
    fontWeight="500"
    fontSize="13px"
    color={here ? 'blue' : 'mute'}
    bg={here ? 'wash' : undefined}
    boxShadow={here ? { lg: 'inset 3px 0 0 0 currentColor' } : undefined}
  >
    <chakra.span display="block" w="24px" mx="auto" mb="0.5">
      <Icon size={24} strokeWidth={1.7} aria-hidden />
    </chakra.span>
    {label}
  </Box>
);

const Way = ({ place }: { place: Place }) => {
  const { pathname } = useLocation();
  return (
    <NavLink to={place.to}>
      {({ isActive }) => <Mark label={place.label} icon={place.icon} here={isActive || isOf(place, pathname)} />}
    </NavLink>
  );
};

interface Props {
  /** Entries of whoever is here that are not kept yet. */
  waiting: number;
  turnUnits: () => void;
  turnTheme: () => void;
  onHelp: () => void;
  onHands: () => void;
  onSignOut: () => void;
}

/** What is beside the places: units, theme, keys, who stands here. */
function Turns({ waiting, turnUnits, turnTheme, onHelp, onHands, onSignOut }: Props) {
  const person = usePerson();
  const small = { look: 'quiet', fontSize: { base: '17px', lg: '13px' }, px: '1' } as const;
  return (
    <>
      <Button {...small} onClick={turnUnits} aria-label={`Units: ${person.units}. Change.`}>
        {person.units}
      </Button>
      <Button {...small} onClick={turnTheme} aria-label={`Theme: ${person.theme}. Change.`}>
        {person.theme === 'dark' ? 'Dark' : 'Light'}
      </Button>
      <Button {...small} onClick={onHelp}>
        Keys ?
      </Button>
      {person.tablet !== null && (
        <Button {...small} fontSize="15px" onClick={onHands} aria-label={`${person.name} stands here. Take over.`}>
          {person.name}
        </Button>
      )}
      <Button
        {...small}
        disabled={waiting > 0}
        onClick={onSignOut}
        title={waiting > 0 ? 'Not before everything is kept' : `${person.name}, ${person.role}`}
      >
        Sign out
      </Button>
    </>
  );
}

/** The places of the shop: a rail on the left; on a phone a bar below, with More for what is not used at the bench. */
export function Rail(props: Props) {
  const [more, setMore] = useState(false);
  const { pathname } = useLocation();
  // biome-ignore lint/correctness/useExhaustiveDependencies: another view closes it
  useEffect(() => setMore(false), [pathname]);
  return (
    <>
      <Flex
        as="nav"
        aria-label="Main"
        display={{ base: 'none', lg: 'flex' }}
        direction="column"
        borderRightWidth="1px"
        borderColor="line"
        py="2"
        overflowY="auto"
      >
        <Box alignSelf="center" py="2" color="blue" aria-hidden>
          <CircleGauge size={30} strokeWidth={1.6} />
        </Box>
        {PLACES.map((place) => (
          <Way key={place.to} place={place} />
        ))}
        <Flex direction="column" mt="auto" align="stretch">
          <Turns {...props} />
        </Flex>
      </Flex>
      <chakra.nav
        aria-label="Main"
        className="gives-way"
        display={{ base: 'grid', lg: 'none' }}
        gridTemplateColumns="repeat(5, 1fr)"
        borderTopWidth="1px"
        borderColor="line"
      >
        {PLACES.filter((place) => place.near).map((place) => (
          <Way key={place.to} place={place} />
        ))}
        <chakra.button type="button" cursor="pointer" aria-haspopup="dialog" onClick={() => setMore(true)}>
          <Mark label="More" icon={Ellipsis} />
        </chakra.button>
      </chakra.nav>
      <Sheet title="More" open={more} onClose={() => setMore(false)}>
        <Flex direction="column" align="stretch" gap="1">
          {PLACES.filter((place) => !place.near).map((place) => (
            <NavLink key={place.to} to={place.to}>
              <Flex
                align="center"
                gap="3"
                minH="48px"
                fontFamily="heading"
                fontWeight="600"
                fontSize="19px"
                color="blue"
              >
                <place.icon size={24} strokeWidth={1.7} aria-hidden />
                {place.label}
              </Flex>
            </NavLink>
          ))}
          <Flex wrap="wrap" gap="4" mt="2" pt="2" borderTopWidth="1px" borderColor="line">
            <Turns {...props} />
          </Flex>
        </Flex>
      </Sheet>
    </>
  );
}
