import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import { Link, useParams } from 'react-router';
import { useMachine } from '../api/shop';
import { Empty, Loading, Trouble } from '../parts/States';

const day = (iso: string): string =>
  new Date(iso).toLocaleDateString(undefined, { day: 'numeric', month: 'short', year: 'numeric' });

/** A machine's history: what was fitted when, and what was carried forward. */
export function Machine() {
  const { data, error, refetch } = useMachine(Number(useParams().id));
  if (!data) return error ? <Trouble refusal={error} again={refetch} /> : <Loading what="the machine" />;
  return (
    <Box>
      <Flex as="header" align="baseline" gap="4" px="6" py="4" borderBottomWidth="1px" borderColor="line">
        <chakra.h1 fontSize="26px">{data.machine.name}</chakra.h1>
        <chakra.span color="mute">
          {data.machine.model} · {data.machine.owner}
        </chakra.span>
      </Flex>
      {data.jobs.length === 0 && <Empty title="Nothing done on it yet">Open a job from the board.</Empty>}
      <ol>
        {data.jobs.map((job) => (
          <chakra.li key={job.id} px="6" py="4" borderBottomWidth="1px" borderColor="line">
            <Grid templateColumns={{ base: '1fr', md: '150px 1fr auto' }} gap="4">
              <chakra.span fontFamily="heading" fontWeight="600" fontSize="20px">
                {day(job.signed_at ?? job.opened_at)}
              </chakra.span>
              <Box>
                <chakra.strong fontSize="17px">{job.wheel}</chakra.strong>
                {job.fitted.length > 0 && (
                  <Box>
                    {job.signed_at ? 'Fitted' : 'To fit'}: {job.fitted.join(' left, ')}
                    {job.fitted.length === 2 && ' right'}
                  </Box>
                )}
                {job.carried && (
                  <Box color="brass" mt="1">
                    Carried forward: {job.carried}
                    {job.look_again && `. Look again: ${job.look_again}`}
                  </Box>
                )}
              </Box>
              <Box textAlign="right">
                <Box color={job.signed_at ? 'verdigris' : 'mute'}>
                  {job.signed_at ? `Signed by ${job.signed_by}` : 'Open'}
                </Box>
                <Link to={`/jobs/${job.id}/${job.signed_at ? 'prove' : 'check_in'}`}>
                  <chakra.span color="blue" textDecoration="underline">
                    Job {job.number}
                  </chakra.span>
                </Link>
              </Box>
            </Grid>
          </chakra.li>
        ))}
      </ol>
    </Box>
  );
}
