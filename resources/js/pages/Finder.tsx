import { Box, chakra, Grid } from '@chakra-ui/react';
import { useMemo, useRef, useState } from 'react';
import { NavLink, useNavigate, useParams, useSearchParams } from 'react-router';
import { useCalculators, useQuestion, useWork } from '../api/shop';
import type { CalculatorCard, Verdict } from '../api/types';
import { Button } from '../parts/Button';
import { useUnits } from '../parts/person';
import { Loading, Trouble } from '../parts/States';
import { VerdictCard } from '../parts/VerdictCard';
import { Answer } from './finder/Answer';
import { AskBox, EXAMPLES } from './finder/AskBox';
import { Fields, filled, type Given } from './finder/Fields';
import { SendToJob } from './finder/SendToJob';

/** The input that an address carries; nothing when it carries none, or none that can be read. */
const fromAddress = (text: string | null): Given => {
  try {
    const given: unknown = JSON.parse(text ?? '{}');
    return given !== null && typeof given === 'object' && !Array.isArray(given) ? (given as Given) : {};
  } catch {
    return {};
  }
};

/** Every calculator with no job around it. One box understands what is typed; the address says what is asked, so it can be sent on. */
export function Finder() {
  const { data: cards, error, refetch } = useCalculators();
  const { name } = useParams();
  const units = useUnits();
  const navigate = useNavigate();
  const [params, setParams] = useSearchParams();
  const box = useRef<HTMLInputElement>(null);
  const text = params.get('q') ?? '';
  const chosen = Number(params.get('as') ?? 0);
  const question = useQuestion(text, units);
  const readings = text.trim() && !question.error ? (question.data?.readings ?? []) : [];
  const reading = readings[chosen] ?? readings[0];
  const given = useMemo(() => fromAddress(params.get('in')), [params]);
  if (!cards) return error ? <Trouble refusal={error} again={refetch} /> : <Loading what="the calculators" />;
  const asked = text.trim() !== '';
  const shown = cards.find((one) => one.name === (asked ? reading?.calculator : name));
  const ask = (q: string) => setParams(q ? { q } : {}, { replace: true });
  const type = (q: string) => (name ? navigate(`/finder?q=${encodeURIComponent(q)}`, { replace: true }) : ask(q));
  return (
    <Grid templateColumns={{ base: '1fr', md: '220px minmax(0, 1fr)' }} h={{ md: '100%' }}>
      <Box
        as="nav"
        aria-label="Calculators"
        borderRightWidth={{ md: '1px' }}
        borderColor="line"
        overflowY="auto"
        order={{ base: 2, md: 0 }}
        py="2"
      >
        {cards
          .filter((one) => one.name !== 'question')
          .map((one) => (
            <NavLink key={one.name} to={`/finder/${one.name}`}>
              <Box
                px="5"
                py="1.5"
                minH="36px"
                bg={one === shown ? 'wash' : undefined}
                color={one === shown ? 'blue' : 'ink'}
                fontWeight={one === shown ? '600' : '400'}
                fontSize="14.5px"
              >
                {one.title}
              </Box>
            </NavLink>
          ))}
      </Box>
      <Grid templateRows="auto 1fr" minH="0" overflow={{ md: 'hidden' }}>
        <AskBox
          box={box}
          text={text}
          onType={type}
          readings={readings}
          chosen={Math.min(chosen, Math.max(0, readings.length - 1))}
          onChoose={(index) => setParams({ q: text, as: String(index) }, { replace: true })}
          fault={asked ? question.error?.about('text') : undefined}
        />
        {shown ? (
          <Worked
            key={`${shown.name}${asked ? '' : 'by hand'}`}
            card={shown}
            given={asked ? (reading?.input ?? {}) : given}
            onChange={(next) =>
              navigate(`/finder/${shown.name}?in=${encodeURIComponent(JSON.stringify(filled(next)))}`, {
                replace: !asked,
              })
            }
            onTry={(number) => {
              type(number);
              box.current?.focus();
            }}
            asked={asked}
          />
        ) : (
          <Examples onTry={type} />
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

/** One calculator at work: what it found, its fields to refine, its verdict. */
function Worked({
  card,
  given,
  onChange,
  onTry,
  asked,
}: {
  card: CalculatorCard;
  given: Given;
  onChange: (given: Given) => void;
  onTry: (number: string) => void;
  asked: boolean;
}) {
  const [typed, setTyped] = useState<Given | null>(null);
  const shownGiven = asked ? given : (typed ?? given);
  const input = useMemo(() => filled(shownGiven), [shownGiven]);
  const some = Object.keys(input).length > 0;
  const { data, error } = useWork(card.name, input, some);
  const answered = some && !error && data ? data : undefined;
  const verdict = answered?.verdict as Verdict | undefined;
  const missing = error?.problem.errors.every((one) => one.detail.startsWith('Missing'));
  const change = (next: Given) => {
    setTyped(next);
    onChange(next);
  };
  return (
    <Grid templateColumns={{ base: '1fr', lg: 'minmax(0, 1fr) 340px' }} minH="0" overflow={{ md: 'hidden' }}>
      <Box
        as="section"
        aria-label={card.title}
        px="6"
        py="4"
        overflowY="auto"
        borderRightWidth={{ lg: '1px' }}
        borderColor="line"
      >
        {!asked && (
          <Box mb="2">
            <chakra.h2 fontSize="22px">{card.title}</chakra.h2>
            <chakra.p color="mute">{card.answers}</chakra.p>
            {!some && (
              <Button look="quiet" px="0" onClick={() => change(card.example as Given)}>
                Fill in an example
              </Button>
            )}
          </Box>
        )}
        {answered && <Answer name={card.name} input={input} result={answered} onTry={onTry} />}
        <chakra.details open={!asked || undefined} mt={answered ? '5' : '0'}>
          <chakra.summary
            cursor="pointer"
            color="blue"
            fontFamily="heading"
            fontWeight="600"
            minH="44px"
            display={asked ? 'list-item' : 'none'}
          >
            Say more: {card.title.toLowerCase()}
          </chakra.summary>
          <Fields
            fields={card.fields}
            given={shownGiven}
            onChange={change}
            fault={(name) => (missing ? undefined : error?.about(name))}
          />
        </chakra.details>
      </Box>
      <Box as="section" aria-label="Verdict" aria-live="polite" overflowY="auto">
        {verdict ? (
          <>
            <VerdictCard verdict={verdict} main />
            <Box px="5" pb="4">
              <Sending name={card.name} result={answered ?? {}} />
            </Box>
          </>
        ) : (
          <chakra.p px="5" py="4" color="mute">
            {error
              ? missing || asked
                ? error.problem.errors.map((one) => one.detail).join(' ')
                : 'Something cannot be used: see beside the fields.'
              : 'The answer comes as you type.'}
          </chakra.p>
        )}
      </Box>
    </Grid>
  );
}

/** Which field of an answer a job can be told: a number, or the sizes of a seal, ring or pin. */
const TOLD: Record<string, string> = {
  'bearing-number': 'written',
  'bearing-from-caliper': 'number',
  'taper-set': 'set',
  seal: 'found',
  'snap-ring': 'found',
  balls: 'found',
  'split-pin': 'found',
  'o-ring': 'found',
};

function Sending({ name, result }: { name: string; result: Given }) {
  const text = result[TOLD[name] ?? ''];
  return typeof text === 'string' && text ? <SendToJob text={text} /> : null;
}
