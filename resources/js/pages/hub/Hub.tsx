import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { Link, useParams } from 'react-router';
import { useJob } from '../../api/jobs';
import { useKeep, useRefused } from '../../api/records';
import type { HubPart, JobSheet } from '../../api/types';
import { Button } from '../../controls/Button';
import { useKeys } from '../../controls/keys';
import { Loading, Trouble } from '../../controls/States';
import { useTitle } from '../../controls/title';
import { AxleLine } from '../../drawing/AxleLine';
import { type View, WHOLE } from '../../drawing/scale';
import { Keeping } from '../../job/Keeping';
import { usePerson, useSay, useUnits } from '../../words/person';
import { HubFaults } from './HubFaults';
import { AddPart, PartEditor, PartList } from './HubParts';
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
  const say = useSay();
  const units = useUnits();
  const person = usePerson();
  const keep = useKeep(job.id, person);
  const [refused, dismiss] = useRefused(job.id);
  const { hub, section } = job.report;
  useTitle('Parts and sizes', `${job.machine.name}, ${job.wheel.toLowerCase()}`, `job ${job.number}`);
  const [picked, setPicked] = useState<string | null>(hub.parts.find((one) => one.in_line)?.part ?? null);
  const [view, setView] = useState<View>(WHOLE);
  const part = hub.parts.find((one) => one.part === picked) ?? null;
  const piece = section.pieces.find((one) => one.part === picked);
  const closed = job.signed_at !== null || job.closed !== null;
  const edit = useMemo(
    () => (change: Record<string, unknown>) => {
      dismiss(PLACE);
      keep(PLACE, change);
    },
    [keep, dismiss],
  );
  // What was just added is picked, so that the next goes in after it: a row is typed in its order.
  const known = useRef(new Set(hub.parts.map((one) => one.part)));
  const adding = useRef(false);
  const add = useCallback(
    (change: Record<string, unknown>) => {
      adding.current = true;
      edit(change);
    },
    [edit],
  );
  useEffect(() => {
    const added = hub.parts.find((one) => !known.current.has(one.part));
    known.current = new Set(hub.parts.map((one) => one.part));
    if (!added || !adding.current) return;
    adding.current = false;
    setPicked(added.part);
  }, [hub.parts]);
  // What was picked may be gone: what lies in its place is picked instead, and has the focus that went with it.
  const at = useRef(0);
  useEffect(() => {
    const here = hub.parts.findIndex((one) => one.part === picked);
    if (here >= 0) at.current = here;
    else setPicked(hub.parts[Math.min(at.current, hub.parts.length - 1)]?.part ?? null);
    if (document.activeElement === document.body) {
      const next = document.querySelector<HTMLElement | SVGElement>(`[data-part="${picked}"][tabindex]`);
      (next ?? document.querySelector('h1'))?.focus();
    }
  }, [hub.parts, picked]);
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
        <chakra.h1 fontSize="23px" tabIndex={-1} outline="none">
          {say(hub.name)}
        </chakra.h1>
        <chakra.span color="mute" fontSize="14px" flex="1">
          {job.machine.name}, {job.wheel.toLowerCase()} · {say(hub.turns)}, the press fit is on {say(hub.fit)}
        </chakra.span>
        <Keeping />
        <chakra.span color="blue" fontWeight="600">
          <Link to={`/jobs/${job.id}`}>Back to the job</Link>
        </chakra.span>
      </Flex>
      <Box bg="card" borderBottomWidth="1px" borderColor="line">
        <Drawing job={job} picked={picked} onPick={setPicked} view={view} />
        <Flex gap="1" px="4" pb="2" align="center" wrap="wrap" className="screen-only">
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
      <Grid className="screen-only" templateColumns={{ base: '1fr', lg: '300px minmax(0, 1fr) 324px' }} flex="1">
        <PartList
          parts={hub.parts}
          picked={picked}
          onPick={setPicked}
          faults={hub.faults.flatMap((one) => one.parts)}
        />
        <Box px="6" py="4" borderX={{ lg: '1px solid' }} borderColor={{ lg: 'line' }}>
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
            <AddPart kinds={hub.kinds} after={part?.in_line ? part : null} disabled={closed} onAdd={add} />
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
        <HubFaults job={job} closed={closed} onKeep={(done) => keep('hub.as_found', { done })} onPick={setPicked} />
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
