import { chakra } from '@chakra-ui/react';
import type { Level, Status } from '../api/types';
import { levelColours } from '../theme/system';

const SHAPES: Record<Level, string> = {
  go: 'M13 2.5a10.5 10.5 0 1 0 .01 0zM7.8 13.4l3.6 3.6 6.8-7.6',
  care: 'M13 3 24 22.5H2zM13 10v6M13 19v.6',
  stop: 'M8.5 2.5h9l6 6v9l-6 6h-9l-6-6v-9zM8 13h10',
};
const NAMES: Record<Level, string> = { go: 'Go', care: 'Care', stop: 'Stop' };

/** A level as a shape: ring with a tick, triangle, octagon. Never by colour alone. */
export const LevelMark = ({ level, size = 26 }: { level: Level; size?: number }) => (
  <chakra.svg
    viewBox="0 0 26 26"
    width={`${size}px`}
    height={`${size}px`}
    flexShrink={0}
    color={levelColours[level].mark}
    role="img"
    aria-label={NAMES[level]}
  >
    <path d={SHAPES[level]} fill="none" stroke="currentColor" strokeWidth="2.6" strokeLinecap="round" />
  </chakra.svg>
);

const STATUS_NAMES: Record<Status, string> = {
  untouched: 'untouched',
  under_way: 'under way',
  settled: 'settled',
  care: 'settled with care',
  stop: 'stopped',
};

/** How far a station is: empty ring, half ring, dot, triangle, octagon. */
export const StatusMark = ({ status, current = false }: { status: Status; current?: boolean }) => {
  const colour = current
    ? 'currentColor'
    : { untouched: 'mute', under_way: 'blue', settled: 'verdigris', care: 'brass', stop: 'oxide' }[status];
  return (
    <chakra.svg
      viewBox="0 0 14 14"
      width="14px"
      height="14px"
      flexShrink={0}
      color={colour}
      role="img"
      aria-label={STATUS_NAMES[status]}
    >
      {status === 'settled' && <circle cx="7" cy="7" r="6" fill="currentColor" />}
      {status === 'untouched' && <circle cx="7" cy="7" r="5" fill="none" stroke="currentColor" strokeWidth="2" />}
      {status === 'under_way' && (
        <>
          <circle cx="7" cy="7" r="5" fill="none" stroke="currentColor" strokeWidth="2" />
          <path d="M7 2a5 5 0 0 1 0 10z" fill="currentColor" />
        </>
      )}
      {status === 'care' && <path d="M7 1l6.5 12h-13z" fill="currentColor" />}
      {status === 'stop' && <path d="M4.2.5h5.6l3.7 3.7v5.6l-3.7 3.7H4.2L.5 9.8V4.2z" fill="currentColor" />}
    </chakra.svg>
  );
};
