import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import { useRef, useState } from 'react';
import type { Step } from '../../api/types';
import { Button } from '../../controls/Button';
import { Input } from '../../controls/Field';
import { Pick } from '../../controls/Pick';
import { AskField } from '../../job/AskField';
import { useBench } from '../../job/bench';
import { useUnits } from '../../words/person';
import { length } from '../../words/say';
import { ConeDial } from './ConeDial';
import { ConeTries } from './ConeTries';
import { FELT, MINUTE, minutes, STAGES, tryAt } from './cone';

const WITH = [
  ['digital_caliper', 'caliper'],
  ['dial_gauge', 'dial'],
  ['steel_rule', 'rule'],
] as const;

/** The same direction nearest to another, so that a mark past 12 goes on from where it was. */
const nearest = (degrees: number, to: number): number => degrees + 360 * Math.round((to - degrees) / 360);

/** Setting a cone: one dial and one tap for each try; the next mark is proposed on the dial. */
export function ConePanel({ step }: { step: Step }) {
  const bench = useBench();
  const units = useUnits();
  const coach = bench.report.set.cone;
  const asks = step.asks.filter((ask) => ask.kind === 'cone_try');
  const tries = asks.flatMap((ask) => tryAt(ask, bench.entries.get(ask.place)?.value));
  const next = asks.find((ask) => !bench.entries.has(ask.place));
  const last = tries.at(-1);
  const proposed = coach?.set_deg ?? null;
  const [held, setHeld] = useState<number | null>(null);
  const [typed, setTyped] = useState<string | null>(null);
  const [stage, setStage] = useState<string | null>(null);
  const [rim, setRim] = useState('');
  const [by, setBy] = useState<string>('digital_caliper');
  const felt = useRef<HTMLDivElement>(null);
  // Locking a mark that was judged open is what follows; else the proposed mark, open again.
  const toLock = last?.stage === 'open' && (proposed === null || Math.abs(proposed - last.mark) <= MINUTE);
  // Where the cone stands is said, never taken from the proposal: only a first mark, or one that is locked where it stood, is known.
  const stands = held ?? (tries.length === 0 ? 0 : toLock ? last.mark : null);
  const mark = stands ?? last?.mark ?? 0;
  const [asked, setAsked] = useState(false);
  const at = stage ?? (toLock ? 'locked' : tries.length === 0 || last?.stage === 'locked' ? 'open' : 'locked');

  const turnTo = (degrees: number) => {
    setHeld(nearest(degrees, mark));
    setTyped(null);
    setAsked(false);
  };
  const type = (text: string) => {
    setTyped(text);
    const number = Number(text.replace(',', '.'));
    if (text.trim() !== '' && Number.isFinite(number)) setHeld(nearest(number * MINUTE, mark));
    setAsked(false);
  };
  const keep = (feel: string) => {
    if (!next) return;
    if (stands === null) {
      setAsked(true);
      document.getElementById('cone-mark')?.focus();
      return;
    }
    bench.keep(next.place, { mark, stage: at, felt: feel, ...(rim.trim() === '' ? {} : { typed: rim }) }, by);
    setHeld(null);
    setTyped(null);
    setStage(null);
    setRim('');
  };

  return (
    <Flex direction="column" gap="4">
      <Grid templateColumns={{ base: '1fr', sm: '252px 1fr' }} gap="5" alignItems="start">
        <ConeDial
          mark={mark}
          set={tries.length > 0 ? proposed : null}
          tried={tries}
          tight={coach?.loosest_tight_deg ?? null}
          loose={coach?.tightest_loose_deg ?? null}
          middle={
            coach?.turn_deg != null
              ? [`${Math.abs(Math.round(coach.turn_deg))}°`, coach.turn_deg >= 0 ? 'tighter' : 'looser']
              : [`${minutes(mark)} min`]
          }
          onMark={bench.closed ? undefined : turnTo}
        />
        <Flex direction="column" gap="3" data-fields="">
          <Grid templateColumns="88px 1fr" gap="3">
            <Box>
              <chakra.label htmlFor="cone-mark" fontSize="14px" color="mute">
                Mark, 0 to 59
              </chakra.label>
              <Input
                id="cone-mark"
                kind="reading"
                inputMode="decimal"
                disabled={bench.closed}
                value={typed ?? (stands === null ? '' : minutes(stands))}
                aria-invalid={asked}
                aria-describedby={asked ? 'cone-mark-asked' : undefined}
                // While somebody is in the field, what is proposed meanwhile does not change it under their hands.
                onFocus={(event) => {
                  setTyped(stands === null ? '' : minutes(stands));
                  event.currentTarget.select();
                }}
                onBlur={() => setTyped(null)}
                onChange={(event) => type(event.target.value)}
                onKeyDown={(event) => {
                  if (event.key !== 'Enter') return;
                  event.preventDefault();
                  document.getElementById('cone-rim')?.focus();
                }}
              />
            </Box>
            <Box>
              <chakra.label htmlFor="cone-rim" fontSize="14px" color="mute">
                Play at the rim
              </chakra.label>
              <Flex gap="1">
                <Input
                  id="cone-rim"
                  kind="reading"
                  inputMode="decimal"
                  placeholder={units === 'in' ? '0.03' : '0.6'}
                  disabled={bench.closed}
                  value={rim}
                  onChange={(event) => setRim(event.target.value)}
                  onKeyDown={(event) => {
                    if (event.key !== 'Enter') return;
                    event.preventDefault();
                    felt.current?.querySelector('button')?.focus();
                  }}
                />
                <chakra.select
                  aria-label="Rim play read"
                  value={by}
                  onChange={(event) => setBy(event.target.value)}
                  bg="transparent"
                  color="mute"
                  fontSize="13px"
                  w="76px"
                  borderWidth="1.5px"
                  borderColor="line"
                  borderRadius="sm"
                >
                  {WITH.map(([value, name]) => (
                    <option key={value} value={value}>
                      {name}
                    </option>
                  ))}
                </chakra.select>
              </Flex>
            </Box>
          </Grid>
          {asked && (
            <chakra.p id="cone-mark-asked" role="alert" color="oxide" fontSize="14.5px">
              Where does the mark stand now, in minutes of a clock?
            </chakra.p>
          )}
          {stands === null && proposed !== null && (
            <Button look="quiet" onClick={() => turnTo(proposed)}>
              It stands where proposed: {minutes(proposed)} min
            </Button>
          )}
          <Pick
            label="Judged: before the lock nut, or after"
            options={STAGES}
            chosen={at}
            disabled={bench.closed}
            onPick={setStage}
            inRow
          />
          <Box ref={felt}>
            <Pick
              label={`Felt: a tap keeps try ${tries.length + 1}`}
              options={FELT}
              chosen={null}
              disabled={bench.closed || !next}
              onPick={keep}
            />
          </Box>
        </Flex>
      </Grid>
      {tries.length > 0 && <ConeTries tries={tries} />}
      <chakra.details open={tries.length === 0}>
        <chakra.summary color="blue" fontWeight="600" minH="44px" py="2.5" cursor="pointer">
          The hub
          {coach && coach.leave_at_rim_mm > 0.02 && `: ${length(coach.leave_at_rim_mm, units, 1)} at the rim is right`}
        </chakra.summary>
        <Grid templateColumns="repeat(auto-fill, minmax(228px, 1fr))" gap="3" data-fields="">
          {step.asks
            .filter((ask) => ask.kind !== 'cone_try')
            .map((ask) => (
              <AskField key={ask.place} ask={ask} />
            ))}
        </Grid>
      </chakra.details>
    </Flex>
  );
}
