import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import { useEffect, useMemo, useRef, useState } from 'react';
import { Link, useParams } from 'react-router';
import { useJob } from '../api/jobs';
import { useKeep, useRefused } from '../api/records';
import type { HubPart, JobSheet } from '../api/types';
import { AxleLine } from '../drawing/AxleLine';
import { type View, WHOLE } from '../drawing/scale';
import { Button } from '../parts/Button';
import { Input, Select } from '../parts/Field';
import { useKeys } from '../parts/keys';
import { LevelMark } from '../parts/LevelMark';
import { usePerson, useUnits } from '../parts/person';
import { Keeping } from '../parts/Shell';
import { Loading, Trouble } from '../parts/States';
import { length, say } from '../parts/say';
import { Legend } from './Legend';

const ZOOMS = [1, 1.6, 2.5, 4];
const PLACE = 'hub.edits';

/** The hub of a job, as it really is: every part on the axle line, changed there by touch or by keyboard. */
export function Hub() {
  const id = Number(useParams().id);
  const { data, error, refetch } = useJob(id);
  if (data) return <Sheet key={id} job={data} />;
  return error ? <Trouble refusal={error} again={refetch} /> : <Loading what="the hub" />;
}

function Sheet({ job }: { job: JobSheet }) {
  const units = useUnits();
  const person = usePerson();
  const keep = useKeep(job.id, units, person.name);
  const [refused, dismiss] = useRefused(job.id);
  const { hub, section } = job.report;
  const [picked, setPicked] = useState<string | null>(hub.parts.find((one) => one.in_line)?.part ?? null);
  const [view, setView] = useState<View>(WHOLE);
  const part = hub.parts.find((one) => one.part === picked) ?? null;
  const piece = section.pieces.find((one) => one.part === picked);
  const closed = job.signed_at !== null;
  const edit = useMemo(
    () => (change: Record<string, unknown>) => {
      dismiss(PLACE);
      keep(PLACE, change);
    },
    [keep, dismiss],
  );
  const zoom = (by: number) =>
    setView((now) => {
      const next = ZOOMS[Math.max(0, Math.min(ZOOMS.length - 1, ZOOMS.indexOf(now.zoom) + by))] ?? 1;
      return next === 1 ? WHOLE : { zoom: next, centre: piece ? (piece.from_mm + piece.to_mm) / 2 : now.centre };
    });
  useKeys(
    useMemo(() => {
      const on = (part: HubPart | null, change: Record<string, unknown>) => () =>
        part && !closed && edit({ part: part.part, ...change });
      return {
        '[': on(part, { do: 'move', by: -1 }),
        ']': on(part, { do: 'move', by: 1 }),
        x: on(part, { do: 'flip' }),
        c: on(part, { do: 'duplicate' }),
        Delete: on(part, { do: 'remove' }),
        z: () => !closed && hub.may_undo && edit({ do: 'undo' }),
        y: () => !closed && hub.may_redo && edit({ do: 'redo' }),
      };
    }, [part, closed, edit, hub.may_undo, hub.may_redo]),
  );
  const wrong = refused.get(PLACE);
  const said = wrong?.sending.entry as { part?: string; size?: string; typed?: string } | undefined;

  return (
    <Flex direction="column" minH="100%">
      <Flex as="header" align="baseline" gap="4" px="6" py="3" borderBottomWidth="1px" borderColor="line" wrap="wrap">
        <chakra.h1 fontSize="23px">{hub.name}</chakra.h1>
        <chakra.span color="mute" fontSize="14px" flex="1">
          {job.machine.name}, {job.wheel.toLowerCase()} · {hub.turns}, the press fit is on {hub.fit}
        </chakra.span>
        <Keeping />
        <chakra.span color="blue" fontWeight="600">
          <Link to={`/jobs/${job.id}`}>Back to the job</Link>
        </chakra.span>
      </Flex>
      <Box bg="card" borderBottomWidth="1px" borderColor="line">
        <Drawing job={job} picked={picked} onPick={setPicked} view={view} />
        <Flex gap="1" px="4" pb="2" align="center" wrap="wrap">
          <Button look="quiet" onClick={() => zoom(1)} disabled={view.zoom === ZOOMS.at(-1)}>
            Nearer
          </Button>
          <Button look="quiet" onClick={() => zoom(-1)} disabled={view.zoom === 1}>
            Whole hub
          </Button>
          <Legend section={section} />
          <chakra.span ml="auto" fontSize="14px">
            Take along:{' '}
            <chakra.a href={`/files/jobs/${job.id}/hub.svg`} color="blue" textDecoration="underline">
              SVG
            </chakra.a>
            {' · '}
            <chakra.a href={`/files/jobs/${job.id}/hub.dxf`} color="blue" textDecoration="underline">
              DXF
            </chakra.a>
          </chakra.span>
        </Flex>
      </Box>
      <Grid templateColumns={{ base: '1fr', md: '300px minmax(0, 1fr) 324px' }} flex="1">
        <PartList
          parts={hub.parts}
          picked={picked}
          onPick={setPicked}
          faults={hub.faults.flatMap((one) => one.parts)}
        />
        <Box px="6" py="4" borderX={{ md: '1px solid' }} borderColor={{ md: 'line' }}>
          <Flex gap="2" wrap="wrap" mb="3">
            <Button look="plain" disabled={closed || !hub.may_undo} onClick={() => edit({ do: 'undo' })}>
              Undo{' '}
              <chakra.kbd ml="2" fontSize="12px">
                Z
              </chakra.kbd>
            </Button>
            <Button look="plain" disabled={closed || !hub.may_redo} onClick={() => edit({ do: 'redo' })}>
              Redo{' '}
              <chakra.kbd ml="2" fontSize="12px">
                Y
              </chakra.kbd>
            </Button>
            <AddPart kinds={hub.kinds} after={part?.in_line ? part : null} disabled={closed} onAdd={edit} />
          </Flex>
          {wrong && said?.size === undefined && (
            <Box role="alert" color="oxide" mb="2">
              {wrong.detail}
            </Box>
          )}
          {part && (
            <PartEditor
              key={part.part}
              part={part}
              units={units}
              closed={closed}
              onEdit={edit}
              wrong={said?.part === part.part && wrong ? { ...said, detail: wrong.detail } : undefined}
            />
          )}
        </Box>
        <Faults job={job} closed={closed} onKeep={(done) => keep('hub.as_found', { done })} onPick={setPicked} />
      </Grid>
    </Flex>
  );
}

function Drawing({
  job,
  picked,
  onPick,
  view,
}: {
  job: JobSheet;
  picked: string | null;
  onPick: (part: string) => void;
  view: View;
}) {
  const units = useUnits();
  const box = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(1180);
  useEffect(() => {
    const watch = new ResizeObserver(
      ([entry]) => entry && setWidth(Math.max(320, Math.round(entry.contentRect.width))),
    );
    if (box.current) watch.observe(box.current);
    return () => watch.disconnect();
  }, []);
  return (
    <Box ref={box} overflow="hidden">
      <AxleLine report={job.report} units={units} width={width} height={300} lit={picked} view={view} onPick={onPick} />
    </Box>
  );
}

function PartList({
  parts,
  picked,
  onPick,
  faults,
}: {
  parts: HubPart[];
  picked: string | null;
  onPick: (part: string) => void;
  faults: string[];
}) {
  return (
    <Box as="section" aria-label="Parts, left to right" py="1">
      <ol>
        {parts.map((one) => (
          <chakra.li
            key={one.part}
            borderBottomWidth="1px"
            borderColor="line"
            bg={one.part === picked ? 'wash' : undefined}
          >
            <chakra.button
              type="button"
              aria-pressed={one.part === picked}
              onClick={() => onPick(one.part)}
              w="100%"
              minH="44px"
              px="5"
              textAlign="left"
              cursor="pointer"
              fontWeight={one.part === picked ? '600' : '400'}
            >
              {one.name}
              {!one.in_line && (
                <chakra.span color="mute" fontSize="13px" ml="2">
                  runs along all
                </chakra.span>
              )}
              {faults.includes(one.part) && (
                <chakra.span color="brass" ml="2" role="img" aria-label="something is wrong with it">
                  ▲
                </chakra.span>
              )}
            </chakra.button>
          </chakra.li>
        ))}
      </ol>
    </Box>
  );
}

function PartEditor({
  part,
  units,
  closed,
  onEdit,
  wrong,
}: {
  part: HubPart;
  /** What was typed and not taken. */
  wrong?: { size?: string; typed?: string; detail: string };
  units: 'mm' | 'in';
  closed: boolean;
  onEdit: (change: Record<string, unknown>) => void;
}) {
  const act = (label: string, key: string, change: Record<string, unknown>) => (
    <Button look="answer" disabled={closed} onClick={() => onEdit({ part: part.part, ...change })}>
      {label}
      <chakra.kbd ml="2" fontSize="12px" opacity={0.75}>
        {key}
      </chakra.kbd>
    </Button>
  );
  return (
    <>
      <chakra.h2 fontSize="22px">{part.name}</chakra.h2>
      <chakra.p color="mute" fontSize="14px" mb="3">
        {[part.kind_name, part.way].filter(Boolean).join(', ')}
      </chakra.p>
      {part.in_line && (
        <Flex gap="2" wrap="wrap" mb="4">
          {act('Move left', '[', { do: 'move', by: -1 })}
          {act('Move right', ']', { do: 'move', by: 1 })}
          {act('Turn round', 'X', { do: 'flip' })}
          {act('One more', 'C', { do: 'duplicate' })}
          {act('Take out', 'Del', { do: 'remove' })}
        </Flex>
      )}
      <Grid templateColumns="repeat(auto-fill, minmax(150px, 1fr))" gap="3">
        {part.sizes.map((size) => (
          <SizeField
            key={size.size}
            label={size.label}
            shown={length(size.length_mm, units)}
            closed={closed}
            wrong={wrong?.size === size.size ? wrong : undefined}
            onKeep={(typed) => onEdit({ do: 'resize', part: part.part, size: size.size, typed })}
          />
        ))}
      </Grid>
    </>
  );
}

/** A size of a part: what is typed is kept on Enter or on leaving the field. */
function SizeField({
  label,
  shown,
  closed,
  wrong,
  onKeep,
}: {
  label: string;
  shown: string;
  closed: boolean;
  wrong?: { typed?: string; detail: string };
  onKeep: (typed: string) => void;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const keep = () => {
    if (typed !== null && typed.trim() !== '' && typed.trim() !== shown) onKeep(typed.trim());
    setTyped(null);
  };
  return (
    <Box as="label" fontSize="14px" color="mute">
      {label}
      <Input
        kind="reading"
        inputMode="decimal"
        value={typed ?? wrong?.typed ?? shown}
        aria-invalid={wrong ? true : undefined}
        disabled={closed}
        onFocus={(event) => event.currentTarget.select()}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={keep}
        onKeyDown={(event) => {
          if (event.key === 'Enter') event.currentTarget.blur();
          if (event.key === 'Escape') setTyped(null);
        }}
      />
      {wrong && typed === null && (
        <Box role="alert" color="oxide">
          {wrong.detail}
        </Box>
      )}
    </Box>
  );
}

function AddPart({
  kinds,
  after,
  disabled,
  onAdd,
}: {
  kinds: { value: string; label: string }[];
  after: HubPart | null;
  disabled: boolean;
  onAdd: (change: Record<string, unknown>) => void;
}) {
  return (
    <Select
      aria-label={after ? `Add a part after ${after.name}` : 'Add a part'}
      value=""
      disabled={disabled}
      maxW="240px"
      onChange={(event) => onAdd({ do: 'add', kind: event.target.value, ...(after && { after: after.part }) })}
    >
      <option value="">{after ? `Add after ${after.name.toLowerCase()}…` : 'Add a part…'}</option>
      {kinds.map((kind) => (
        <option key={kind.value} value={kind.value}>
          {kind.label}
        </option>
      ))}
    </Select>
  );
}

function Faults({
  job,
  closed,
  onKeep,
  onPick,
}: {
  job: JobSheet;
  closed: boolean;
  onKeep: (done: boolean) => void;
  onPick: (part: string) => void;
}) {
  const units = useUnits();
  const { hub } = job.report;
  return (
    <Box as="section" aria-label="What cannot be" aria-live="polite" px="5" py="4">
      {hub.faults.length === 0 ? (
        <Flex gap="3" align="center">
          <LevelMark level="go" />
          <span>Everything has its place.</span>
        </Flex>
      ) : (
        <>
          <chakra.h2 fontSize="19px" mb="2">
            {hub.as_found ? 'Kept as found' : 'This cannot be so'}
          </chakra.h2>
          <Flex as="ul" direction="column" gap="2" mb="3">
            {hub.faults.map((one) => (
              <Flex as="li" key={one.say.key + one.parts.join()} gap="2">
                <LevelMark level="care" size={20} />
                <chakra.button
                  type="button"
                  textAlign="left"
                  cursor="pointer"
                  onClick={() => one.parts[0] && onPick(one.parts[0])}
                >
                  {say(one.say, units)}
                </chakra.button>
              </Flex>
            ))}
          </Flex>
          <Button look="plain" aria-pressed={hub.as_found} disabled={closed} onClick={() => onKeep(!hub.as_found)}>
            {hub.as_found ? '✓ Kept as found' : 'It was found so: keep it'}
          </Button>
        </>
      )}
      {hub.cautions.map((one) => (
        <chakra.p key={one} mt="4" fontSize="14px" color="brass" fontWeight="500">
          {one}
        </chakra.p>
      ))}
    </Box>
  );
}
