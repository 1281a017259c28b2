import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import { Fragment } from 'react';
import { useParams } from 'react-router';
import { useJob } from '../../api/jobs';
import type { Ask, StationReport } from '../../api/types';
import { Button } from '../../controls/Button';
import { PhoneCode } from '../../controls/PhoneCode';
import { Loading, Trouble } from '../../controls/States';
import { useTitle } from '../../controls/title';
import { day } from '../../words/day';
import { useSay } from '../../words/person';

/** What is read off something and written down. */
const READ = ['length', 'depth', 'torque', 'temperature', 'gauge', 'number'];

/** Where round the clock a ring is read, on paper. */
const HOURS = ['12', '3', '6', '9'];

/** A job's plan and reading list on paper: steps to tick, blanks to write in, and a code that leads back to it. */
export function WorkSheet() {
  const { data, error, refetch } = useJob(Number(useParams().id));
  useTitle('Work sheet', data && `${data.machine.name}, ${data.wheel.toLowerCase()}`);
  if (!data) return error ? <Trouble refusal={error} again={refetch} /> : <Loading what="the work sheet" />;
  return (
    <Box
      p="6"
      css={{
        '@media print': { padding: '0', background: 'white', color: 'black', fontSize: '9.5px', lineHeight: 1.2 },
      }}
    >
      <Box mb="5" css={{ '@media print': { display: 'none' } }}>
        <Button onClick={() => window.print()}>Print the work sheet</Button>
      </Box>
      <Flex justify="space-between" gap="6" align="start" wrap="wrap">
        <Box>
          <chakra.h1 fontSize="24px">
            {data.machine.name}, {data.wheel.toLowerCase()}
          </chakra.h1>
          <chakra.p color="mute">
            {[`Job ${data.number}`, data.machine.owner, data.machine.model, day(data.opened_at)]
              .filter(Boolean)
              .join(' · ')}
          </chakra.p>
        </Box>
        <Box maxW="420px">
          <PhoneCode
            path={`/jobs/${data.id}/check_in`}
            label="this job"
            note="Leads back to this job: what is written here is entered there."
          />
        </Box>
      </Flex>
      <Box css={{ columns: '3 250px', columnGap: '24px', '@media print': { columnGap: '14px', columns: 3 } }} mt="4">
        {data.report.stations.map((station) => (
          <StationSheet key={station.station} station={station} />
        ))}
      </Box>
    </Box>
  );
}

function StationSheet({ station }: { station: StationReport }) {
  const say = useSay();
  return (
    <Box as="section" mb="3">
      <chakra.h2 fontSize="18px" borderBottomWidth="1.5px" borderColor="ink" mb="1">
        {say(station.label)}
      </chakra.h2>
      <ol>
        {station.steps
          .filter((step) => !step.optional || step.done)
          .map((step, i) => (
            <chakra.li key={step.id} css={{ breakInside: 'avoid' }} pb="1">
              <Flex gap="2">
                <Square done={step.done} />
                <strong>
                  {i + 1}. {say(step.title)}
                </strong>
              </Flex>
              {step.caution && (
                <chakra.p pl="6" color="brass" css={{ '@media print': { color: 'black', fontStyle: 'italic' } }}>
                  {say(step.caution)}
                </chakra.p>
              )}
              <Blanks asks={step.asks} />
            </chakra.li>
          ))}
      </ol>
    </Box>
  );
}

const Square = ({ done }: { done: boolean }) => (
  <chakra.span
    aria-hidden
    display="inline-grid"
    placeItems="center"
    w="13px"
    h="13px"
    mt="0.5"
    flexShrink={0}
    borderWidth="1.2px"
    borderColor="ink"
    fontSize="12px"
  >
    {done ? '✓' : ''}
  </chakra.span>
);

/** A line to write on for each reading of a step; those round one clock share one. */
function Blanks({ asks }: { asks: Ask[] }) {
  const say = useSay();
  const read = asks.filter((ask) => READ.includes(ask.kind) && (ask.at === null || ask.wanted || ask.role === 'depth'));
  const round = read.filter((ask) => ask.at !== null && HOURS.includes(ask.at));
  return (
    <Grid pl="6" columnGap="3" templateColumns="1fr 84px">
      {read
        .filter((ask) => ask.at === null)
        .map((ask) => (
          <Fragment key={ask.place}>
            <span>{say(ask.label)}</span>
            <Line />
          </Fragment>
        ))}
      {round.length > 0 && (
        <Flex gridColumn="1 / -1" gap="2">
          {round.map((ask) => (
            <Flex key={ask.place} flex="1" gap="1">
              {ask.at}
              <Line />
            </Flex>
          ))}
        </Flex>
      )}
    </Grid>
  );
}

const Line = () => <chakra.span flex="1" minH="17px" borderBottomWidth="1px" borderColor="ink" />;
