import { Box, chakra, Grid } from '@chakra-ui/react';
import { useMemo, useRef, useState } from 'react';
import { NavLink } from 'react-router';
import { type FinderQuestion, useCalculators, useFound } from '../../api/shop';
import type { Asked, CalculatorCard, Worked } from '../../api/types';
import { Button } from '../../controls/Button';
import { useRest } from '../../controls/rested';
import { Loading, Trouble } from '../../controls/States';
import { useTitle } from '../../controls/title';
import { VerdictCard } from '../../job/VerdictCard';
import { visuallyHidden } from '../../theme/hidden';
import { useSay, useUnits } from '../../words/person';
import { Answer, told } from './Answer';
import { AskBox, EXAMPLES } from './AskBox';
import { useAsking } from './asking';
import { Fields } from './Fields';
import { GeometryPicture } from './GeometryPicture';
import { GEOMETRIES } from './geometry';
import { filled, type Given } from './given';
import { ListenPanel, RECORDED } from './ListenPanel';
import { SendToJob } from './SendToJob';
import { SpinDownTaps } from './SpinDownTaps';

/** How long the hands rest before the server is asked. */
const REST_MS = 130;

const NOTHING_READ: Asked['readings'] = [];

/** Every calculator with no job around it. One box understands what is typed; the address says what is asked, so it can be sent on. */
export function Finder() {
  const say = useSay();
  const { data: cards, error, refetch } = useCalculators();
  const units = useUnits();
  const [asking, ask] = useAsking();
  const box = useRef<HTMLInputElement>(null);
  const rested = useRest(asking, REST_MS);
  const question = useMemo<FinderQuestion>(
    () =>
      'calculator' in rested
        ? { calculator: rested.calculator, input: filled(rested.given) }
        : { text: rested.text.trim(), unit: units, as: rested.as },
    [rested, units],
  );
  const inWords = 'text' in asking;
  const text = inWords ? asking.text : '';
  const some = inWords ? text.trim() !== '' : Object.keys(filled(asking.given)).length > 0;
  const asked = 'calculator' in question ? Object.keys(question.input).length > 0 : question.text !== '';
  const found = useFound(question, asked);
  const here = cards?.find((one) => 'calculator' in asking && one.name === asking.calculator);
  useTitle(here && say(here.title), 'Finder');
  if (!cards) return error ? <Trouble refusal={error} again={refetch} /> : <Loading what="the calculators" />;
  const answered = some && !found.error ? found.data : undefined;
  const readings = inWords ? (answered?.readings ?? NOTHING_READ) : NOTHING_READ;
  const chosen = inWords ? Math.min(asking.as, Math.max(0, readings.length - 1)) : 0;
  const name = inWords ? readings[chosen]?.calculator : asking.calculator;
  const shown = cards.find((one) => one.name === name);
  return (
    <Grid templateColumns={{ base: '1fr', lg: '220px minmax(0, 1fr)' }} h={{ lg: '100%' }}>
      <Box
        as="nav"
        aria-label="Calculators"
        borderRightWidth={{ lg: '1px' }}
        borderColor="line"
        overflowY="auto"
        order={{ base: 2, lg: 0 }}
        py="2"
      >
        {cards
          .filter((one) => one.name !== 'question')
          .map((one) => (
            <NavLink key={one.name} to={`/finder/${one.name}`}>
              <Box
                px="5"
                py="2.5"
                minH="44px"
                bg={one === shown ? 'wash' : undefined}
                color={one === shown ? 'blue' : 'ink'}
                fontWeight={one === shown ? '600' : '400'}
                fontSize="14.5px"
              >
                {say(one.title)}
              </Box>
            </NavLink>
          ))}
      </Box>
      <Grid templateRows="auto 1fr" minH="0" overflow={{ lg: 'hidden' }}>
        <AskBox
          box={box}
          text={text}
          onType={(typed) => ask({ text: typed, as: 0 })}
          readings={readings}
          chosen={chosen}
          onChoose={(as) => ask({ text, as })}
          fault={inWords && some && asking === rested ? found.error?.about('text') : undefined}
        />
        {shown ? (
          <Work
            key={shown.name}
            card={shown}
            given={inWords ? (readings[chosen]?.input ?? {}) : asking.given}
            inWords={inWords}
            answered={answered}
            behind={asking !== rested || found.isPlaceholderData || found.isFetching}
            trouble={some ? found.error?.problem.detail : undefined}
            onChange={(given) => ask({ calculator: shown.name, given })}
            onTry={(number) => {
              ask({ text: number, as: 0 });
              box.current?.focus();
            }}
          />
        ) : (
          <Examples onTry={(example) => ask({ text: example, as: 0 })} />
        )}
      </Grid>
    </Grid>
  );
}

/** What the box understands, before anything is asked. */
const Examples = ({ onTry }: { onTry: (text: string) => void }) => (
  <Box px="6" py="4" overflowY="auto">
    <chakra.h2 fontSize="18px" color="mute" mb="1">
      It understands
    </chakra.h2>
    <Grid as="dl" templateColumns="auto 1fr" columnGap="6" alignItems="center">
      {EXAMPLES.map(([example, what]) => (
        <Box key={example} display="contents">
          <dt>
            <Button look="quiet" px="0" fontSize="21px" onClick={() => onTry(example)}>
              {example}
            </Button>
          </dt>
          <dd>{what}</dd>
        </Box>
      ))}
    </Grid>
  </Box>
);

interface WorkProps {
  card: CalculatorCard;
  given: Given;
  /** Asked in the box; else by its fields. */
  inWords: boolean;
  answered: Asked | undefined;
  /** What is shown belongs to what was typed a moment ago. */
  behind: boolean;
  trouble: string | undefined;
  onChange: (given: Given) => void;
  onTry: (number: string) => void;
}

/** One calculator at work: what it found, its fields to refine, its verdict. */
function Work({ card, given, inWords, answered, behind, trouble, onChange, onTry }: WorkProps) {
  const say = useSay();
  const [at, setAt] = useState<string | null>(null);
  const geometry = GEOMETRIES[card.name];
  const numbers = card.fields.map((one) => one.name).filter((name) => geometry?.marks[name]);
  const some = Object.keys(filled(given)).length > 0;
  const worked = answered?.worked?.calculator === card.name ? answered.worked : undefined;
  const faults = some ? (answered?.faults ?? []) : [];
  const missing = faults.length > 0 && faults.every((one) => one.missing);
  const verdict = some ? worked?.result.verdict : undefined;
  const grey = { opacity: behind ? 0.55 : 1, transition: 'opacity 120ms 200ms' };
  return (
    <Grid templateColumns={{ base: '1fr', xl: 'minmax(0, 1fr) 340px' }} minH="0" overflow={{ lg: 'hidden' }}>
      <Box
        as="section"
        aria-label={say(card.title)}
        px="6"
        py="4"
        overflowY="auto"
        borderRightWidth={{ xl: '1px' }}
        borderColor="line"
      >
        {inWords && <chakra.h2 css={visuallyHidden}>{say(card.title)}</chakra.h2>}
        {!inWords && (
          <Box mb="2">
            <chakra.h2 fontSize="22px">{say(card.title)}</chakra.h2>
            <chakra.p color="mute">{say(card.answers)}</chakra.p>
            {!some && card.name !== 'listen' && (
              <Button look="quiet" px="0" onClick={() => onChange(card.example as Given)}>
                Fill in an example
              </Button>
            )}
          </Box>
        )}
        {worked && some && (
          <Box css={grey} aria-busy={behind}>
            <Answer worked={worked} onShaft={given.seat === 'shaft'} onTry={onTry} />
          </Box>
        )}
        <chakra.details open={!inWords || undefined} mt={worked && some ? '5' : '0'}>
          <chakra.summary
            cursor="pointer"
            color="blue"
            fontFamily="heading"
            fontWeight="600"
            minH="44px"
            display={inWords ? 'list-item' : 'none'}
          >
            Say more: {say(card.title)}
          </chakra.summary>
          {geometry && <GeometryPicture geometry={geometry} fields={numbers} lit={at} />}
          {card.name === 'spin-down' && <SpinDownTaps given={given} onChange={onChange} />}
          {card.name === 'listen' && <ListenPanel given={given} onChange={onChange} />}
          <Fields
            numbers={numbers}
            onAt={setAt}
            fields={card.name === 'listen' ? card.fields.filter((one) => !RECORDED.includes(one.name)) : card.fields}
            given={given}
            onChange={onChange}
            fault={(name) => (missing ? undefined : faults.find((one) => one.field === name)?.detail)}
          />
        </chakra.details>
      </Box>
      <Box as="section" aria-label="Verdict" aria-live="polite" overflowY="auto">
        {verdict && worked ? (
          <Box css={grey} aria-busy={behind}>
            <VerdictCard verdict={verdict} main />
            <Box px="5" pb="4">
              <Sending worked={worked} />
            </Box>
          </Box>
        ) : (
          <chakra.p px="5" py="4" color="mute">
            {trouble ??
              (faults.length > 0
                ? missing || inWords
                  ? faults.map((one) => one.detail).join(' ')
                  : 'Something cannot be used: see beside the fields.'
                : 'The answer comes as you type.')}
          </chakra.p>
        )}
      </Box>
    </Grid>
  );
}

function Sending({ worked }: { worked: Worked }) {
  const say = useSay();
  const text = told(worked);
  return text ? <SendToJob text={say(text)} /> : null;
}
