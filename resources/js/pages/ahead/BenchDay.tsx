import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import { type DragEvent, useState } from 'react';
import { Link } from 'react-router';
import { useBenchDay, useOrderBench } from '../../api/ahead';
import { useBoard } from '../../api/jobs';
import { Button } from '../../controls/Button';
import { Select } from '../../controls/Field';
import { FindField, useRested } from '../../controls/FindField';
import { More } from '../../controls/More';
import { PageHead } from '../../controls/PageHead';
import { Loading, Trouble } from '../../controls/States';
import { Slides } from '../../drawing/Slides';
import { weekday } from '../../words/day';
import { clock, DayLine } from './DayLine';

const OPENS = 480;
const CLOSES = 1050;
const MOST = 12;

const lasting = (minutes: number): string =>
  minutes < 60 ? `${minutes} min` : `${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, '0')}`;

/** A time of the day, or how many days later. */
const at = (minutes: number): string =>
  minutes < 1440 ? `at ${clock(minutes)}` : minutes < 2880 ? 'tomorrow' : `in ${Math.floor(minutes / 1440)} days`;

/** From now on within opening hours, else from opening. */
function usualStart(now = new Date()): number {
  const minutes = Math.ceil((now.getHours() * 60 + now.getMinutes()) / 5) * 5;
  return minutes > OPENS && minutes < CLOSES ? minutes : OPENS;
}

/** One mechanic's day: jobs in an order, each one's waits filled with the next one's work. Moved by hand, it is planned anew. */
export function BenchDay() {
  const [from, setFrom] = useState(usualStart);
  const { data, error, refetch } = useBenchDay(from);
  const { mutate, isPending, error: refused } = useOrderBench(from);
  const [text, setText] = useState('');
  const board = useBoard(false, useRested(text));
  const [dragged, setDragged] = useState<number | null>(null);
  if (!data) return error ? <Trouble refusal={error} again={refetch} /> : <Loading what="the day" />;
  const order = data.jobs.map((one) => one.job.id);
  const others = (board.data ?? []).filter((job) => !order.includes(job.id));
  const move = (id: number, to: number) => {
    const rest = order.filter((one) => one !== id);
    mutate([...rest.slice(0, to), id, ...rest.slice(to)]);
  };
  const put = (id: number) => {
    mutate([...order, id]);
    setText('');
  };
  const drop = (event: DragEvent, to: number) => {
    event.preventDefault();
    if (dragged !== null && order.indexOf(dragged) !== to) move(dragged, to);
    setDragged(null);
  };
  const late = data.end > CLOSES;
  // What cures overnight is not drawn to its end: the line is about today's hands.
  const shownEnd = Math.min(data.end, Math.max(CLOSES, ...data.hands.map((one) => one.to)));
  return (
    <Box>
      <PageHead title="Bench day">
        <chakra.span fontSize="17px" color={late ? 'brass' : 'verdigris'} fontWeight="600">
          {data.jobs.length === 0 ? 'Nothing on the bench' : `Done ${at(data.end)}`}
          {data.idle > 0 && (
            <chakra.span color="mute" fontWeight="400">{`, ${lasting(data.idle)} with nothing to do`}</chakra.span>
          )}
        </chakra.span>
        <Flex ml="auto" align="center" gap="3">
          <Select aria-label="From" value={from} onChange={(event) => setFrom(Number(event.target.value))} w="150px">
            {[...new Set([from, ...Array.from({ length: 22 }, (_, i) => 360 + i * 30)])]
              .sort((a, b) => a - b)
              .map((minutes) => (
                <option key={minutes} value={minutes}>
                  from {clock(minutes)}
                </option>
              ))}
          </Select>
          <Link to="/board">
            <chakra.span color="blue" fontWeight="600" py="3" display="inline-block">
              Board
            </chakra.span>
          </Link>
        </Flex>
      </PageHead>
      {data.jobs.length > 0 && (
        <Box px="6" py="4" borderBottomWidth="1px" borderColor="line" bg="card">
          <Slides least={800}>
            <DayLine
              from={from}
              end={shownEnd}
              rows={data.jobs.map((one) => ({ job: one.job.id, name: one.job.machine.name }))}
              hands={data.hands}
              waits={data.waits}
            />
          </Slides>
        </Box>
      )}
      {!data.chosen && data.jobs.length > 0 && (
        <chakra.p px="6" pt="4" color="mute">
          The latest open jobs, since nobody has chosen. Move one, and the order is kept.
        </chakra.p>
      )}
      {refused && (
        <Box role="alert" color="oxide" px="6" pt="3">
          {refused.message}
        </Box>
      )}
      <chakra.ol listStyleType="none" aria-label="Order of the day">
        {data.jobs.map((one, i) => (
          <chakra.li
            key={one.job.id}
            draggable
            onDragStart={() => setDragged(one.job.id)}
            onDragOver={(event) => event.preventDefault()}
            onDrop={(event) => drop(event, i)}
            opacity={dragged === one.job.id ? 0.5 : 1}
            borderBottomWidth="1px"
            borderColor="line"
            cursor="grab"
          >
            <Grid
              templateColumns={{ base: '1fr', lg: '44px minmax(0, 1.4fr) minmax(0, 1fr) auto' }}
              gap="4"
              alignItems="center"
              px="6"
              py="2.5"
            >
              <chakra.span fontFamily="heading" fontWeight="600" fontSize="24px" color="mute">
                {i + 1}
              </chakra.span>
              <Box>
                <Link to={`/jobs/${one.job.id}/${one.job.waits_at}`}>
                  <chakra.strong fontFamily="heading" fontSize="19px">
                    {one.job.machine.name}, {one.job.wheel.toLowerCase()}
                  </chakra.strong>
                </Link>
                <Box fontSize="14px" color="mute">
                  {one.hand_minutes > 0 ? `${lasting(one.hand_minutes)} of hands` : 'Nothing left to do today'}
                </Box>
              </Box>
              <Box>
                <chakra.strong fontFamily="heading" fontSize="19px">
                  {one.done_at === null
                    ? ''
                    : `${one.parts_on || one.job.asked ? 'All that can be done today' : 'Done'} ${at(one.done_at)}`}
                </chakra.strong>
                {one.parts_on && (
                  <Box fontSize="14px" color="brass">
                    Parts come {weekday(one.parts_on)}
                  </Box>
                )}
                {one.job.asked && (
                  <Box fontSize="14px" color="brass">
                    Waits for the customer
                  </Box>
                )}
              </Box>
              <Flex gap="1">
                <Button
                  look="quiet"
                  fontSize="24px"
                  minW="44px"
                  aria-label={`${one.job.machine.name} earlier`}
                  disabled={i === 0 || isPending}
                  onClick={() => move(one.job.id, i - 1)}
                >
                  ↑
                </Button>
                <Button
                  look="quiet"
                  fontSize="24px"
                  minW="44px"
                  aria-label={`${one.job.machine.name} later`}
                  disabled={i === data.jobs.length - 1 || isPending}
                  onClick={() => move(one.job.id, i + 1)}
                >
                  ↓
                </Button>
                <Button
                  look="quiet"
                  aria-label={`${one.job.machine.name} not today`}
                  disabled={isPending}
                  onClick={() => mutate(order.filter((id) => id !== one.job.id))}
                >
                  Not today
                </Button>
              </Flex>
            </Grid>
          </chakra.li>
        ))}
      </chakra.ol>
      {(others.length > 0 || text !== '') && order.length < MOST && (
        <Box px="6" py="5">
          <Flex align="center" gap="5" mb="3" wrap="wrap">
            <chakra.h2 fontSize="17px" color="mute">
              Put on the bench
            </chakra.h2>
            <FindField label="Machine, owner or job" text={text} onType={setText} />
          </Flex>
          <Flex wrap="wrap" gap="2">
            {others.map((job) => (
              <Button key={job.id} look="answer" disabled={isPending} onClick={() => put(job.id)}>
                {job.machine.name}, {job.wheel.toLowerCase()}
              </Button>
            ))}
            <More of={board} p="0" />
          </Flex>
        </Box>
      )}
    </Box>
  );
}
