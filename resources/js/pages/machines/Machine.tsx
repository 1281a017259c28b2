import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { useMachine } from '../../api/shop';
import type { MachineHistory } from '../../api/types';
import { Button } from '../../controls/Button';
import { PageHead } from '../../controls/PageHead';
import { Empty, Loading, Trouble } from '../../controls/States';
import { DueLine, TakeBack } from '../../job/DueLine';
import { day } from '../../words/day';
import { MachineForm } from './MachineForm';

/** A machine's history: what was fitted when, and what was carried forward. */
export function Machine() {
  const [changing, setChanging] = useState(false);
  const { data, error, refetch } = useMachine(Number(useParams().id));
  if (!data) return error ? <Trouble refusal={error} again={refetch} /> : <Loading what="the machine" />;
  return (
    <Box>
      <PageHead title={data.machine.name}>
        <chakra.span color="mute">{[data.machine.model, data.machine.owner].filter(Boolean).join(' · ')}</chakra.span>
        {!changing && (
          <Button look="quiet" ml="auto" onClick={() => setChanging(true)}>
            Another name or owner
          </Button>
        )}
      </PageHead>
      {changing && <MachineForm machine={data.machine} onDone={() => setChanging(false)} />}
      <TakeBack machine={data.machine.id} />
      {data.due.length > 0 && (
        <Box as="section" aria-label="Ahead">
          <chakra.h2 fontSize="17px" color="mute" px="6" pt="4">
            Ahead
          </chakra.h2>
          <chakra.ul listStyleType="none">
            {data.due.map((item) => (
              <DueLine key={item.id} item={item} machine={false} />
            ))}
          </chakra.ul>
        </Box>
      )}
      {data.sets.length > 0 && <Sets sets={data.sets} />}
      <chakra.h2 fontSize="17px" color="mute" px="6" pt="4">
        Jobs
      </chakra.h2>
      {data.jobs.length === 0 && <Empty title="Nothing done on it yet">Open a job from the board.</Empty>}
      <ol>
        {data.jobs.map((job) => (
          <chakra.li key={job.id} px="6" py="4" borderBottomWidth="1px" borderColor="line">
            <Grid templateColumns={{ base: '1fr', lg: '150px 1fr auto' }} gap="4">
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
                  {job.signed_at
                    ? job.signed_by
                      ? `Signed by ${job.signed_by}`
                      : 'Taken in as signed'
                    : job.closed_for
                      ? `Closed unsigned: ${job.closed_for}`
                      : 'Open'}
                </Box>
                {job.said_signed && (
                  <Box color={job.said_signed.checked ? 'verdigris' : 'brass'} fontSize="14px">
                    {job.said_signed.text}
                  </Box>
                )}
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

/** Days as a life: months, then years. */
const life = (days: number): string =>
  days < 2
    ? 'a day'
    : days < 60
      ? `${days} days`
      : days < 730
        ? `${Math.round(days / 30.4)} months`
        : `${(days / 365.25).toFixed(1)} years`;

/** Sets of bearings, how long each lasted, as bars on one scale. */
function Sets({ sets }: { sets: MachineHistory['sets'] }) {
  const age = (one: MachineHistory['sets'][number]): number =>
    one.lasted_days ?? Math.max(0, Math.round((Date.now() - Date.parse(one.fitted_on)) / 86_400_000));
  const longest = Math.max(1, ...sets.map(age));
  return (
    <Box as="section" aria-label="Sets" px="6" pt="4">
      <chakra.h2 fontSize="17px" color="mute" pb="1">
        Sets, and how long they lasted
      </chakra.h2>
      <chakra.ul listStyleType="none">
        {sets.map((one) => (
          <Grid
            as="li"
            key={one.job_id}
            templateColumns={{ base: '1fr', lg: '150px 190px 1fr' }}
            gap="4"
            alignItems="center"
            py="1.5"
            borderTopWidth="1px"
            borderColor="line"
          >
            <chakra.span fontFamily="heading" fontWeight="600">
              {one.wheel}
            </chakra.span>
            <span>{one.bearings || 'not noted'}</span>
            <Flex align="center" gap="3">
              <Box
                aria-hidden
                h="14px"
                w={`${Math.max(2, (age(one) / longest) * 60)}%`}
                bg={one.ended_on ? 'steel' : 'blue'}
                borderRadius="sm"
              />
              <span>
                {one.ended_on ? life(age(one)) : `in it for ${life(age(one))}`}
                {one.lasted_meter && `, ${one.lasted_meter}`}
              </span>
            </Flex>
          </Grid>
        ))}
      </chakra.ul>
    </Box>
  );
}
