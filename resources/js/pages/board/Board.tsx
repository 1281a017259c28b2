import { Box, chakra, Flex } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { useBoard } from '../../api/jobs';
import type { JobCard, Words } from '../../api/types';
import { Button } from '../../controls/Button';
import { FindField, useRested } from '../../controls/FindField';
import { useKeys } from '../../controls/keys';
import { StatusMark } from '../../controls/LevelMark';
import { MarkedRow } from '../../controls/MarkedRow';
import { More } from '../../controls/More';
import { PageHead } from '../../controls/PageHead';
import { Empty, Loading, Stale, Trouble } from '../../controls/States';
import { Keeping } from '../../job/Keeping';
import { dayOfYear, timeOfDay } from '../../words/day';
import { usePerson, useSay } from '../../words/person';
import { NewJobSheet } from './NewJobSheet';
import { TakeJob } from './TakeJob';

/** What soaks, cools or cures by itself, and until when; nothing once that is over. */
function leftAlone(job: JobCard, say: (words: Words) => string, now = new Date()): string | null {
  const until = job.left_until;
  if (until === null || job.left_for === null || new Date(until) <= now || job.signed_at) return null;
  const today = new Date(until).toDateString() === now.toDateString();
  return `${say(job.left_for)}, until ${today ? '' : `${dayOfYear(until)} `}${timeOfDay(until)}`;
}

/** One job as a line: machine, complaint, its seven stations, where it waits. */
function Line({ job }: { job: JobCard }) {
  const say = useSay();
  const stopped = job.stations.some((one) => one.status === 'stop');
  const waits = job.stations.find((one) => one.station === job.waits_at);
  const left = leftAlone(job, say);
  return (
    <chakra.li borderBottomWidth="1px" borderColor="line">
      <Link to={`/jobs/${job.id}/${job.waits_at}`}>
        <MarkedRow columns="minmax(240px, 1.3fr) minmax(0, 1.4fr) auto 150px" mark={stopped ? 'oxide' : null}>
          <Box>
            <chakra.span fontFamily="heading" fontWeight="600" fontSize="20px">
              {job.machine.name}, {job.wheel.toLowerCase()}
            </chakra.span>
            <Box color="mute" fontSize="14px">
              {[`Job ${job.number}`, job.machine.owner, dayOfYear(job.opened_at)].filter(Boolean).join(' · ')}
            </Box>
          </Box>
          <chakra.span lineClamp={2}>
            {job.asked && !job.signed_at ? (
              <>
                <chakra.span color="brass">Asked: </chakra.span>
                {job.asked}
              </>
            ) : (
              job.complaint
            )}
          </chakra.span>
          <Flex gap={{ base: '0', lg: '2.5' }} aria-label="Stations">
            {job.stations.map((one) => (
              <Flex
                key={one.station}
                direction="column"
                align="center"
                gap="1"
                minW="48px"
                whiteSpace="nowrap"
                fontSize="12px"
                color={one.station === job.waits_at ? 'ink' : 'mute'}
                fontWeight={one.station === job.waits_at ? '600' : '400'}
              >
                <StatusMark status={one.status} />
                {say(one.label)}
              </Flex>
            ))}
          </Flex>
          <chakra.span
            fontFamily="heading"
            fontWeight="600"
            fontSize="18px"
            color={stopped ? 'oxide' : job.signed_at ? 'verdigris' : 'blue'}
          >
            {job.signed_at
              ? `Signed ${dayOfYear(job.signed_at)}`
              : stopped
                ? `Stopped at ${job.stations.find((s) => s.status === 'stop')?.label}`
                : waits && `At ${say(waits.label)}`}
            {left && (
              <chakra.span display="block" fontSize="14px" color="brass">
                {left}
              </chakra.span>
            )}
            {job.asked && !job.signed_at && (
              <chakra.span display="block" fontSize="14px" color="brass">
                customer decides
              </chakra.span>
            )}
            {job.parts_on && !job.signed_at && (
              <chakra.span display="block" fontSize="14px" color="brass">
                parts {dayOfYear(`${job.parts_on}T00:00`)}
              </chakra.span>
            )}
          </chakra.span>
        </MarkedRow>
      </Link>
    </chakra.li>
  );
}

/** Today's jobs, what each waits for. */
export function Board() {
  const { may_sign } = usePerson();
  const [signed, setSigned] = useState(false);
  // A shop that begins is led here to open its first job.
  const [search] = useSearchParams();
  const [opening, setOpening] = useState(search.has('open'));
  const [text, setText] = useState('');
  const find = useRested(text);
  const board = useBoard(signed, find);
  const { data, error, refetch } = board;
  useKeys(useMemo(() => ({ o: () => setOpening(true) }), []));
  return (
    <Flex direction="column" minH="100%">
      <PageHead title={signed ? 'Signed jobs' : 'On the bench'}>
        <Button look="quiet" onClick={() => setSigned(!signed)}>
          {signed ? 'Show open jobs' : 'Show signed jobs'}
        </Button>
        <FindField label="Machine, owner or job" text={text} onType={setText} />
        <Flex ml="auto" gap="5" align="center">
          <Keeping />
          <Link to="/bench-day">
            <chakra.span color="blue" fontWeight="600" py="3" display="inline-block">
              Plan the day
            </chakra.span>
          </Link>
          {may_sign && <TakeJob />}
          <Button whiteSpace="nowrap" onClick={() => setOpening(true)}>
            Open a job
          </Button>
        </Flex>
      </PageHead>
      {data && error && <Stale refusal={error} />}
      {!data && error && <Trouble refusal={error} again={refetch} />}
      {!data && !error && <Loading what="the board" />}
      {data?.length === 0 && find !== '' && (
        <Empty title={`No ${signed ? 'signed' : 'open'} job with "${find}"`}>
          {signed ? 'It may be open still.' : 'It may be signed already.'}
        </Empty>
      )}
      {data?.length === 0 && find === '' && (
        <Empty title={signed ? 'Nothing signed yet' : 'The bench is clear'}>
          {signed ? 'Jobs come here when they are signed off.' : 'Open a job when a wheel comes in.'}
        </Empty>
      )}
      {data && data.length > 0 && (
        <ul>
          {data.map((job) => (
            <Line key={job.id} job={job} />
          ))}
        </ul>
      )}
      <More of={board} comes />
      <NewJobSheet open={opening} onClose={() => setOpening(false)} />
    </Flex>
  );
}
