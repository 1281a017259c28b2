import { Box, chakra, Flex } from '@chakra-ui/react';
import { useCallback, useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { type Draft, useJob, usePreview } from '../../api/jobs';
import { useEntries, useKeep, useRefused, useWaiting } from '../../api/records';
import type { EntryValue, JobReport, JobSheet, LiveReport, StationName, StationReport, Step } from '../../api/types';
import { useKeys } from '../../controls/keys';
import { StatusMark } from '../../controls/LevelMark';
import { Loading, Stale, Trouble } from '../../controls/States';
import { AxleLine } from '../../drawing/AxleLine';
import { type JobBench, JobProvider } from '../../job/bench';
import { Keeping } from '../../job/Keeping';
import { StationWork } from '../../stations/StationWork';
import { usePerson, useSay, useUnits } from '../../words/person';
import { isBeside, openStep, useOnward } from './onward';
import { ClosedNote, PutRight } from './PutRight';
import { TrayStrip } from './TrayStrip';

/** How long typing rests before it is worked out. */
const REST_MS = 120;

export function Job() {
  const id = Number(useParams().id);
  const { data, error, refetch } = useJob(id);
  if (data) {
    return (
      <>
        {error && <Stale refusal={error} />}
        <Sheet key={id} job={data} />
      </>
    );
  }
  return error ? <Trouble refusal={error} again={refetch} /> : <Loading what="the job" />;
}

/** What is typed but not kept yet, after a short rest. */
function useDrafts(): [Draft[], JobBench['draft']] {
  const [drafts, setDrafts] = useState<Draft[]>([]);
  const [rested, setRested] = useState<Draft[]>([]);
  useEffect(() => {
    if (drafts.length === 0) {
      setRested([]);
      return;
    }
    const timer = setTimeout(() => setRested(drafts), REST_MS);
    return () => clearTimeout(timer);
  }, [drafts]);
  const draft = useCallback((place: string, entry: EntryValue | undefined, instrument?: string) => {
    setDrafts((before) => {
      const others = before.filter((one) => one.place !== place);
      if (entry === undefined) return others.length === before.length ? before : others;
      return [...others, { place, entry, instrument }];
    });
  }, []);
  return [rested, draft];
}

/** What is worked out while typing is of one station: all else stands as it was kept. */
function whole(live: LiveReport, kept: JobReport): JobReport {
  const said = Object.fromEntries(Object.entries(live).filter(([, value]) => value !== null));
  return {
    ...kept,
    ...said,
    stations: kept.stations.map((one) => live.stations.find((here) => here.station === one.station) ?? one),
  };
}

/** One job: the axle line, the tray, the seven stations, and the station at work. */
function Sheet({ job }: { job: JobSheet }) {
  const units = useUnits();
  const person = usePerson();
  const navigate = useNavigate();
  const { station: named } = useParams();
  const [drafts, draft] = useDrafts();
  const at = job.report.stations.find((one) => one.station === named)?.station ?? 'check_in';
  const preview = usePreview(job.id, drafts, units, at);
  const entries = useEntries(job.id, job.entries);
  const waitingList = useWaiting();
  const [refused, dismiss] = useRefused(job.id);
  const keep = useKeep(job.id, person);
  const live = drafts.length > 0 && !preview.isError ? preview.data : undefined;
  const report = useDeferredValue(useMemo(() => (live ? whole(live, job.report) : job.report), [live, job.report]));
  const station = report.stations.find((one) => one.station === named) ?? (report.stations[0] as StationReport);
  const [stepId, setStepId] = useStep(station);
  const step = station.steps.find((one) => one.id === stepId) ?? station.steps[0];

  const go = useCallback((to: StationName) => navigate(`/jobs/${job.id}/${to}`), [navigate, job.id]);
  const after = report.stations[report.stations.indexOf(station) + 1];
  const [before, setBefore] = useState<{ from: Step; to: string } | null>(null);
  const hand = useOnward(
    job.report.stations.find((one) => one.station === station.station),
    stepId,
    drafts.length > 0,
    useCallback(
      (from: Step, to: Step | undefined) => {
        const ahead = to ?? (after && (openStep(after.steps) ?? after.steps[0]));
        if (!ahead) return;
        setBefore({ from, to: ahead.id });
        if (to) setStepId(to.id);
        else if (after) go(after.station);
      },
      [after, go, setStepId],
    ),
  );
  const choose = useCallback(
    (id: string) => {
      hand.chosen();
      setStepId(id);
    },
    [hand, setStepId],
  );
  const turn = useCallback(
    (by: number) => {
      const next = station.steps[station.steps.findIndex((one) => one.id === stepId) + by];
      if (next) choose(next.id);
    },
    [station, stepId, choose],
  );
  const enter = useCallback<JobBench['keep']>(
    (...entry) => {
      // One of several answers is seldom the last of them, and what was given beside what is wanted is given to be read.
      const more = entry[1]?.choices !== undefined || (step !== undefined && isBeside(step, entry[0]));
      if (more) hand.chosen();
      else hand.entered(stepId);
      return keep(...entry);
    },
    [hand, keep, step, stepId],
  );
  useKeys(
    useMemo(
      () => ({
        ...Object.fromEntries(report.stations.map((one, i) => [String(i + 1), () => go(one.station)])),
        n: () => turn(1),
        p: () => turn(-1),
      }),
      [report.stations, go, turn],
    ),
  );

  const over = job.signed_at !== null || job.closed !== null;
  const bench = useMemo<JobBench>(
    () => ({
      job,
      report,
      entries,
      waiting: new Set(waitingList.filter((one) => one.job === job.id).map((one) => one.place)),
      refused,
      faults: new Map((preview.error?.problem.errors ?? []).map((one) => [one.field, one.detail])),
      over,
      closed: over || !person.may_work,
      keep: enter,
      draft,
      dismiss,
    }),
    [job, over, person.may_work, report, entries, waitingList, refused, preview.error, enter, draft, dismiss],
  );
  if (!step) return null;
  const seat = report.drivers.find(
    (one) => step.panel === 'clock' && step.part !== null && one.parts.includes(step.part),
  );
  const driver = seat?.chosen && step.part ? { tool: seat.chosen, part: step.part } : null;

  return (
    <JobProvider value={bench}>
      <Flex direction="column" h={{ md: '100%' }} minH="0">
        <Flex as="header" align="baseline" gap="4" px="6" py="3" borderBottomWidth="1px" borderColor="line" wrap="wrap">
          <chakra.h1 fontSize="23px">
            {job.machine.name}, {job.wheel.toLowerCase()}
          </chakra.h1>
          <chakra.span color="mute" fontSize="14px" lineClamp={1} flex="1" minW="0">
            {[`Job ${job.number}`, job.machine.owner, job.machine.model, job.signed_by && `signed by ${job.signed_by}`]
              .filter(Boolean)
              .join(' · ')}
          </chakra.span>
          <chakra.span fontSize="14px">
            {refused.size > 0 && (
              <chakra.span color="oxide" fontWeight="600" mr="3">
                {refused.size === 1 ? 'One entry was not taken' : `${refused.size} entries were not taken`}
              </chakra.span>
            )}
            <Keeping /> · {person.name}
          </chakra.span>
          <PutRight job={job} />
        </Flex>
        <ClosedNote job={job} />
        <Box bg="card" borderBottomWidth="1px" borderColor="line" display={{ base: 'none', sm: 'block' }}>
          <Box position="relative">
            <Drawing report={report} units={units} lit={step.part} driver={driver} />
            <chakra.span position="absolute" top="28px" left="14px" fontSize="14px" color="blue" fontWeight="600">
              <Link to={`/jobs/${job.id}/hub`}>
                {report.hub.faults.length > 0 && !report.hub.as_found ? 'Parts and sizes ▲' : 'Parts and sizes'}
              </Link>
            </chakra.span>
          </Box>
          <TrayStrip items={report.tray} lit={step.part} />
        </Box>
        <StationBand job={job.id} stations={report.stations} current={station.station} />
        <StationWork
          station={station}
          step={step}
          before={before?.to === step.id ? before.from : null}
          onStep={choose}
          onNext={after ? { label: after.label, go: () => go(after.station) } : null}
        />
      </Flex>
    </JobProvider>
  );
}

const stopped = (step: Step): boolean => step.holds && step.verdicts.some((verdict) => verdict.level === 'stop');

/** The step a station is at: the first that is not done or is stopped, until another is chosen. */
function useStep(station: StationReport): [string, (id: string) => void] {
  const [chosen, setChosen] = useState<Record<string, string>>({});
  const first = useRef<Record<string, string>>({});
  first.current[station.station] ??=
    (station.steps.find((one) => (!one.done && !one.optional) || stopped(one)) ?? station.steps[0])?.id ?? '';
  const id = chosen[station.station] ?? first.current[station.station] ?? '';
  const set = useCallback(
    (next: string) => setChosen((before) => ({ ...before, [station.station]: next })),
    [station.station],
  );
  return [id, set];
}

/** The axle line as wide as the page gives it. */
function Drawing(props: Omit<Parameters<typeof AxleLine>[0], 'width' | 'height'>) {
  const box = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(1200);
  useEffect(() => {
    const watch = new ResizeObserver(
      ([entry]) => entry && setWidth(Math.max(320, Math.round(entry.contentRect.width))),
    );
    if (box.current) watch.observe(box.current);
    return () => watch.disconnect();
  }, []);
  return (
    <div ref={box}>
      <AxleLine {...props} width={width} height={224} />
    </div>
  );
}

function StationBand({ job, stations, current }: { job: number; stations: StationReport[]; current: StationName }) {
  const say = useSay();
  return (
    <Flex as="nav" aria-label="Stations" borderBottomWidth="1px" borderColor="line" overflowX="auto" flexShrink={0}>
      {stations.map((one) => {
        const here = one.station === current;
        return (
          <Box
            key={one.station}
            flex="1 0 auto"
            borderRightWidth="1px"
            borderColor="line"
            bg={here ? 'blue' : undefined}
            color={here ? 'onBlue' : 'mute'}
          >
            <Link to={`/jobs/${job}/${one.station}`} aria-current={here ? 'page' : undefined}>
              <Flex align="center" gap="2" px="4" minH="48px" fontFamily="heading" fontWeight="600" fontSize="17px">
                <StatusMark status={one.status} current={here} />
                {say(one.label)}
                <chakra.span ml="auto" fontSize="13px" fontWeight="500" fontFamily="body">
                  {one.done_steps} of {one.total_steps}
                </chakra.span>
              </Flex>
            </Link>
          </Box>
        );
      })}
    </Flex>
  );
}
