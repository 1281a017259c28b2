import { Box, chakra, Flex } from '@chakra-ui/react';
import { useCallback, useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { type HeldJob, useJob, usePreview } from '../../api/jobs';
import { useEntries, useKeep, useRefused, useWaiting } from '../../api/records';
import type { StationName, StationReport, Step } from '../../api/types';
import { useKeys } from '../../controls/keys';
import { Loading, Stale, Trouble } from '../../controls/States';
import { useTitle } from '../../controls/title';
import { speakAloud } from '../../controls/voice';
import { isStopped, type JobBench, JobProvider } from '../../job/bench';
import { Keeping } from '../../job/Keeping';
import { showsLast } from '../../offline/last';
import { StationWork } from '../../stations/StationWork';
import { usePerson, useSay, useUnits } from '../../words/person';
import { useDrafts, whole } from './drafts';
import { HubView } from './HubView';
import { NotTaken } from './NotTaken';
import { isBeside, openStep, useOnward } from './onward';
import { ClosedNote, PutRight } from './PutRight';
import { StationBand } from './StationBand';
import { useUnjudged } from './unjudged';

export function Job() {
  const { id: named, station = 'check_in' } = useParams();
  const id = Number(named);
  const { data, error, refetch } = useJob(id);
  const there = data !== undefined;
  useEffect(() => {
    if (there) showsLast(`/jobs/${id}/${station}`);
  }, [there, id, station]);
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

/** One job: the axle line, the tray, the seven stations, and the station at work. */
function Sheet({ job }: { job: HeldJob }) {
  const say = useSay();
  const units = useUnits();
  const person = usePerson();
  const navigate = useNavigate();
  const { station: named } = useParams();
  const { typed, rested: drafts, draft } = useDrafts();
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
  const behind = drafts !== typed || preview.isPlaceholderData || preview.isError || (drafts.length > 0 && !live);
  const unjudged = useUnjudged(
    job.report,
    useMemo(
      () =>
        new Set([
          ...waitingList.filter((one) => one.job === job.id).map((one) => one.place),
          ...(job.since ?? []),
          ...(behind && !preview.error?.problem.errors.length ? typed.map((one) => one.place) : []),
        ]),
      [waitingList, job.id, job.since, behind, preview.error, typed],
    ),
  );

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
        if (to) setStepId(station.station, to.id);
        else if (after) go(after.station);
      },
      [station.station, after, go, setStepId],
    ),
  );
  const choose = useCallback(
    (id: string) => {
      hand.chosen();
      setStepId(station.station, id);
    },
    [hand, station.station, setStepId],
  );
  const turn = useCallback(
    (by: number) => {
      const next = station.steps[station.steps.findIndex((one) => one.id === stepId) + by];
      if (next) choose(next.id);
    },
    [station, stepId, choose],
  );
  const goTo = useCallback(
    (to: StationName, id: string, place: string) => {
      hand.chosen();
      setStepId(to, id);
      go(to);
      focusPlace(place);
    },
    [hand, go, setStepId],
  );
  const enter = useCallback<JobBench['keep']>(
    (...entry) => {
      // One of several answers is seldom the last of them, and what was given beside what is wanted is given to be read.
      const more = entry[1]?.choices !== undefined || (step !== undefined && isBeside(step, entry[0]));
      if (more) hand.chosen();
      else hand.entered(stepId);
      if (typeof entry[1]?.typed === 'string') speakAloud(entry[1].typed);
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
        'pedal on': () => document.querySelector<HTMLElement>('[data-next]')?.click(),
        'pedal back': () => turn(-1),
      }),
      [report.stations, go, turn],
    ),
  );

  const judged = unjudged.why === null && step?.verdicts[0] ? say(step.verdicts[0].headline) : '';
  useEffect(() => {
    if (judged) speakAloud(judged);
  }, [judged]);
  useTitle(say(station.label), `${job.machine.name}, ${job.wheel.toLowerCase()}`, `job ${job.number}`);
  const over = job.signed_at !== null || job.closed !== null;
  const bench = useMemo<JobBench>(
    () => ({
      job,
      report,
      entries,
      unjudged,
      waiting: new Set(waitingList.filter((one) => one.job === job.id).map((one) => one.place)),
      refused,
      faults: new Map((preview.error?.problem.errors ?? []).map((one) => [one.field, one.detail])),
      over,
      closed: over || !person.may_work,
      keep: enter,
      draft,
      dismiss,
    }),
    [job, over, person.may_work, report, entries, unjudged, waitingList, refused, preview.error, enter, draft, dismiss],
  );
  if (!step) return null;
  const seat = report.drivers.find(
    (one) => step.panel === 'clock' && step.part !== null && one.parts.includes(step.part),
  );
  const driver = seat?.chosen && step.part ? { tool: seat.chosen, part: step.part } : null;

  const besides = (
    <>
      <Link to={`/jobs/${job.id}/work-sheet`}>
        <chakra.span
          color="blue"
          fontFamily="heading"
          fontWeight="600"
          fontSize="15px"
          display="inline-block"
          py="3"
          my="-3"
        >
          On paper
        </chakra.span>
      </Link>
      <PutRight job={job} />
    </>
  );
  const about = [
    `Job ${job.number}`,
    job.machine.owner,
    job.machine.model,
    job.signed_by && `signed by ${job.signed_by}`,
  ];
  return (
    <JobProvider value={bench}>
      <Flex direction="column" h="100%" minH="0">
        <Flex
          as="header"
          className="gives-way"
          align="baseline"
          columnGap="4"
          px={{ base: '4', lg: '6' }}
          py={{ base: '1.5', lg: '3' }}
          borderBottomWidth="1px"
          borderColor="line"
          wrap="wrap"
        >
          <chakra.h1 fontSize={{ base: '19px', lg: '23px' }}>
            {job.machine.name}, {job.wheel.toLowerCase()}
          </chakra.h1>
          <chakra.span
            color="mute"
            fontSize="14px"
            lineClamp={1}
            flex="1"
            minW="0"
            display={{ base: 'none', lg: '-webkit-box' }}
          >
            {about.filter(Boolean).join(' · ')}
          </chakra.span>
          <chakra.span fontSize="14px" ml={{ base: 'auto', lg: '0' }}>
            <Keeping /> · {person.name}
          </chakra.span>
          <chakra.span display={{ base: 'none', lg: 'inline-flex' }} gap="3">
            {besides}
          </chakra.span>
        </Flex>
        <ClosedNote job={job} />
        <NotTaken here={step} report={report} refused={refused} onGo={goTo} onDismiss={dismiss} />
        <Box
          className="drawing"
          bg="card"
          borderBottomWidth="1px"
          borderColor="line"
          display={{ base: 'none', md: 'block' }}
          flexShrink={0}
        >
          <HubView report={report} lit={step.part} driver={driver} />
        </Box>
        <StationBand stations={report.stations} current={station.station} />
        <StationWork
          station={station}
          step={step}
          before={before?.to === step.id ? before.from : null}
          onStep={choose}
          onNext={after ? { label: after.label, go: () => go(after.station) } : null}
          hub={<HubView report={report} lit={step.part} driver={driver} />}
          more={besides}
        />
      </Flex>
    </JobProvider>
  );
}

/** Puts the focus into the field of a place, once its step is there. */
function focusPlace(place: string, tries = 20): void {
  const field = document.querySelector<HTMLElement>(`[data-place="${CSS.escape(place)}"]`);
  if (field) field.focus();
  else if (tries > 0) requestAnimationFrame(() => focusPlace(place, tries - 1));
}

/** The step a station is at: the first that is not done or is stopped, until another is chosen. */
function useStep(station: StationReport): [string, (at: StationName, id: string) => void] {
  const [chosen, setChosen] = useState<Record<string, string>>({});
  const first = useRef<Record<string, string>>({});
  first.current[station.station] ??=
    (station.steps.find((one) => (!one.done && !one.optional) || (one.holds && isStopped(one))) ?? station.steps[0])
      ?.id ?? '';
  const id = chosen[station.station] ?? first.current[station.station] ?? '';
  const set = useCallback((at: StationName, next: string) => setChosen((before) => ({ ...before, [at]: next })), []);
  return [id, set];
}
