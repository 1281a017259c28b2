import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import { useParams } from 'react-router';
import { useJob } from '../../api/jobs';
import type { Ask, StationReport } from '../../api/types';
import { Button } from '../../controls/Button';
import { PhoneCode } from '../../controls/PhoneCode';
import { Loading, Trouble } from '../../controls/States';
import { useTitle } from '../../controls/title';
import { day } from '../../words/day';
import { useSay } from '../../words/person';

const READ = ['length', 'depth', 'torque', 'temperature', 'turn', 'count', 'gauge', 'number', 'thread'];
const ANSWERED = ['choice', 'choices'];

/** A job's plan and reading list on paper: steps to tick, blanks to write in, and a code that leads back to it. */
export function WorkSheet() {
  const { data, error, refetch } = useJob(Number(useParams().id));
  useTitle('Work sheet', data && `${data.machine.name}, ${data.wheel.toLowerCase()}`);
  if (!data) return error ? <Trouble refusal={error} again={refetch} /> : <Loading what="the work sheet" />;
  return (
    <Box p="6" css={{ '@media print': { padding: '0', background: 'white', color: 'black', fontSize: '11px' } }}>
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
      <Box css={{ columns: '2 340px', columnGap: '28px' }} mt="4">
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
            <chakra.li key={step.id} css={{ breakInside: 'avoid' }} pb="1.5">
              <Flex gap="2">
                <Square done={step.done} />
                <strong>
                  {i + 1}. {say(step.title)}
                </strong>
              </Flex>
              {step.caution && (
                <chakra.p pl="6" fontSize="13px">
                  Take care: {say(step.caution)}
                </chakra.p>
              )}
              <Grid pl="6" columnGap="4" templateColumns="1fr auto" fontSize="13px">
                {step.asks.map((ask) => (
                  <Blank key={ask.place} ask={ask} />
                ))}
              </Grid>
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
    w="15px"
    h="15px"
    mt="0.5"
    flexShrink={0}
    borderWidth="1.2px"
    borderColor="ink"
    fontSize="12px"
  >
    {done ? '✓' : ''}
  </chakra.span>
);

/** Where something is read or answered: a line to write on, or the answers to ring. */
function Blank({ ask }: { ask: Ask }) {
  const say = useSay();
  if (READ.includes(ask.kind)) {
    return (
      <>
        <span>{say(ask.label)}</span>
        <chakra.span borderBottomWidth="1px" borderColor="ink" w="92px" />
      </>
    );
  }
  if (!ANSWERED.includes(ask.kind)) return null;
  return (
    <chakra.span gridColumn="1 / -1">
      {say(ask.label)}: {ask.options.map((one) => say(one.label)).join(' / ')}
    </chakra.span>
  );
}
