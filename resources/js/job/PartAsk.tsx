import { Box, chakra, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { Ask } from '../api/types';
import { Button } from '../controls/Button';
import { Input } from '../controls/Field';
import { useSay } from '../words/person';
import { useBench } from './bench';
import { PartPhotos } from './PartPhotos';

const CONDITIONS = [
  ['use', 'Use'],
  ['note', 'Use, look again'],
  ['replace', 'Replace'],
] as const;

const SAID: Record<string, string> = {
  on_tray: '✓ On the tray',
  fitted: '✓ Fitted',
  stays: '✓ Left in place',
  scrapped: '✓ Scrapped',
  not_there: '✓ Not there',
};

/** A part on its way: onto the tray with its condition, way round and what is seen of it; or back into the hub. */
export function PartAsk({ ask }: { ask: Ask }) {
  const say = useSay();
  const bench = useBench();
  const value = bench.entries.get(ask.place)?.value ?? {};
  const fitting = ask.until === 'fitted';
  const state = (value.state as string | undefined) ?? 'in_place';
  const [condition, setCondition] = useState<string | undefined>();
  const [way, setWay] = useState<string | undefined>();
  const [scrapping, setScrapping] = useState(false);
  const held = condition ?? (value.condition as string | undefined);
  const lay = way ?? (value.way_round as string | undefined) ?? ask.options[0]?.value;
  const there = fitting ? state === 'fitted' : state !== 'in_place';
  const findings = (value.findings as string[] | undefined) ?? [];
  const put = (change: Record<string, unknown>, photo?: string) =>
    bench.keep(
      ask.place,
      { ...value, state, condition: held, way_round: lay, order: undefined, ...change },
      undefined,
      photo,
    );
  const see = (finding: Ask['findings'][number]) => {
    const seen = findings.includes(finding.value);
    const worst = held === 'replace' ? 'replace' : finding.suggests === 'use' ? (held ?? 'use') : finding.suggests;
    if (!seen) setCondition(worst);
    put({
      findings: seen ? findings.filter((one) => one !== finding.value) : [...findings, finding.value],
      condition: seen ? held : worst,
    });
  };

  return (
    <Box
      as="fieldset"
      aria-label={say(ask.label)}
      data-place={ask.place}
      borderWidth="1.5px"
      borderColor={there ? 'verdigris' : 'line'}
      bg="card"
      borderRadius="sm"
      px="4"
      py="3"
    >
      <Flex justify="space-between" align="center" gap="2" wrap="wrap">
        <chakra.span fontFamily="heading" fontWeight="600" fontSize="18px" flex="1">
          {say(ask.label)}
        </chakra.span>
        {!there && (
          <Button look={ask.leave ? 'main' : 'quiet'} disabled={bench.closed} onClick={() => put({ state: 'stays' })}>
            {fitting ? 'It never came out' : 'Leave in place'}
          </Button>
        )}
        {fitting && !there && held === 'replace' && (
          <Button disabled={bench.closed} onClick={() => put({ state: 'fitted', new: true })}>
            Fit a new one
          </Button>
        )}
        <Button
          look={there || ask.leave || (fitting && held === 'replace') ? 'plain' : 'main'}
          disabled={bench.closed}
          onClick={() => put({ state: there ? (fitting ? 'on_tray' : 'in_place') : ask.until, new: undefined })}
        >
          {there
            ? `${SAID[state] ?? '✓'}${value.new ? ', new' : ''}`
            : fitting
              ? held === 'replace'
                ? 'Fit the old one'
                : 'Fit it'
              : 'Onto the tray'}
        </Button>
      </Flex>
      <Flex gap="2" mt="2" wrap="wrap" align="center" clear="both">
        {!fitting &&
          CONDITIONS.map(([name, label]) => (
            <Button
              key={name}
              look="answer"
              aria-pressed={held === name}
              disabled={bench.closed}
              onClick={() => {
                setCondition(name);
                // Whoever says how it looks has it in the hand; what is looked at and left stays unless it is renewed.
                const laid = ask.leave && name !== 'replace' ? 'stays' : ask.until;
                put(there ? { condition: name } : { state: laid, condition: name });
              }}
            >
              {label}
            </Button>
          ))}
        {ask.options.length > 0 && (
          <chakra.select
            aria-label={`${say(ask.label)}: way round`}
            value={lay}
            disabled={bench.closed}
            minH="44px"
            px="2"
            bg="paper"
            borderWidth="1.5px"
            borderColor="line"
            borderRadius="sm"
            onChange={(event) => {
              setWay(event.target.value);
              if (there) put({ way_round: event.target.value });
            }}
          >
            {ask.options.map((option) => (
              <option key={option.value} value={option.value}>
                {say(option.label)}
              </option>
            ))}
          </chakra.select>
        )}
        {!there && ask.may_lack && (
          <Button look="quiet" disabled={bench.closed} onClick={() => put({ state: 'not_there' })}>
            None here
          </Button>
        )}
        {!fitting && <PartPhotos ask={ask} photos={(value.photos as string[] | undefined) ?? []} onPhotos={put} />}
      </Flex>
      {!fitting && there && ask.findings.length > 0 && (
        <Box mt="3">
          <chakra.span fontSize="14px" color="mute">
            What is seen of it
          </chakra.span>
          <Flex gap="1.5" wrap="wrap" mt="1">
            {ask.findings.map((finding) => (
              <Button
                key={finding.value}
                look="answer"
                fontSize="14px"
                px="2.5"
                aria-pressed={findings.includes(finding.value)}
                disabled={bench.closed}
                onClick={() => see(finding)}
              >
                {say(finding.label)}
              </Button>
            ))}
          </Flex>
          <Words
            label={`${say(ask.label)}: in words`}
            hint="In words"
            kept={value.note as string | undefined}
            onKeep={(note) => put({ note })}
          />
          {state !== 'scrapped' && !scrapping && (
            <Button look="quiet" disabled={bench.closed} onClick={() => setScrapping(true)}>
              Scrap it
            </Button>
          )}
          {scrapping && state !== 'scrapped' && (
            <Words
              label={`${say(ask.label)}: why it is scrapped`}
              hint="Why it is scrapped, and no new one goes in"
              onKeep={(reason) => reason !== '' && put({ state: 'scrapped', reason })}
            />
          )}
          {state === 'scrapped' && (
            <Box fontSize="14px" color="oxide" mt="1">
              Scrapped: {value.reason as string}
            </Box>
          )}
        </Box>
      )}
      {bench.refused.get(ask.place) && (
        <Box role="alert" color="oxide" fontSize="14px" mt="1">
          {bench.refused.get(ask.place)?.detail}
        </Box>
      )}
    </Box>
  );
}

/** A few words about a part, kept on leaving the field or on Enter. */
function Words({
  label,
  hint,
  kept = '',
  onKeep,
}: {
  label: string;
  hint: string;
  kept?: string;
  onKeep: (text: string) => void;
}) {
  const bench = useBench();
  const [typed, setTyped] = useState<string | null>(null);
  const keep = () => {
    if (typed !== null && typed.trim() !== kept) onKeep(typed.trim());
    setTyped(null);
  };
  return (
    <Input
      mt="2"
      aria-label={label}
      placeholder={hint}
      value={typed ?? kept}
      disabled={bench.closed}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={keep}
      onKeyDown={(event) => {
        if (event.key === 'Enter') {
          event.preventDefault();
          keep();
        }
      }}
    />
  );
}
