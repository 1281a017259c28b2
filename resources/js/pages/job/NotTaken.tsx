import { chakra, Flex } from '@chakra-ui/react';
import type { Refused } from '../../api/records';
import type { EntryValue, JobReport, StationName, Step } from '../../api/types';
import { Button } from '../../controls/Button';
import { useSay } from '../../words/person';

const WORDS = ['typed', 'text', 'choice', 'state'];

/** What was entered, as far as it can be said in a line. */
function said(entry: EntryValue): string | null {
  for (const name of WORDS) {
    const value = entry?.[name];
    if (typeof value === 'string' && value !== '') return `“${value}”`;
  }
  return null;
}

interface Props {
  /** The step in hand: what was entered there says it beside its field. */
  here: Step;
  report: JobReport;
  refused: Map<string, Refused>;
  /** Shows a station at a step, and puts the focus where it was entered. */
  onGo: (station: StationName, step: string, place: string) => void;
  onDismiss: (place: string) => void;
}

/** What the server would not take: which field, what was entered, why, and the way there. */
export function NotTaken({ here, report, refused, onGo, onDismiss }: Props) {
  const say = useSay();
  const elsewhere = [...refused].filter(([place]) => !here.asks.some((ask) => ask.place === place));
  if (elsewhere.length === 0) return null;
  return (
    <chakra.ul
      role="status"
      aria-label="Not taken"
      bg="oxideWash"
      borderBottomWidth="1px"
      borderColor="line"
      px="6"
      py="1"
    >
      {elsewhere.map(([place, { sending, detail }]) => {
        const [at, step, ask] =
          report.stations
            .flatMap((station) =>
              station.steps.flatMap((one) =>
                one.asks.filter((asked) => asked.place === place).map((asked) => [station, one, asked] as const),
              ),
            )
            .at(0) ?? [];
        return (
          <Flex as="li" key={place} align="center" gap="3" minH="44px" wrap="wrap">
            <chakra.strong color="oxide">Not taken</chakra.strong>
            <chakra.span flex="1" minW="200px">
              {ask && step ? `${say(step.title)}, ${say(ask.label)}` : 'A part that is not in this hub any more'}
              {said(sending.entry) && `: ${said(sending.entry)}`}. {detail}
            </chakra.span>
            {at && step && (
              <Button look="plain" onClick={() => onGo(at.station, step.id, place)}>
                Go there
              </Button>
            )}
            <Button look="quiet" onClick={() => onDismiss(place)}>
              Put away
            </Button>
          </Flex>
        );
      })}
    </chakra.ul>
  );
}
