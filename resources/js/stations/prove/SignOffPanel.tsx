import { Box, chakra, Flex } from '@chakra-ui/react';
import { Link } from 'react-router';
import { useSignJob } from '../../api/jobs';
import { Button } from '../../controls/Button';
import { LevelMark } from '../../controls/LevelMark';
import { useBench } from '../../job/bench';
import { moment } from '../../words/day';
import { usePerson, useSay } from '../../words/person';

import { Addenda } from './Addenda';

/** What stands in the way, and the signature. */
export function SignOffPanel() {
  const say = useSay();
  const { job, report } = useBench();
  const person = usePerson();
  const { mutate, isPending, error } = useSignJob(job.id);
  const open = report.blocks.filter((block) => block.open);
  const card = `/files/jobs/${job.id}/card.pdf`;
  return (
    <Flex direction="column" gap="4">
      {job.signed_at ? (
        <chakra.p fontFamily="heading" fontWeight="600" fontSize="26px" color="verdigris">
          {job.signed_by
            ? `Signed by ${[job.signed_by, job.signed_as].filter(Boolean).join(', ')}, ${moment(job.signed_at)}`
            : 'Taken in as signed'}
        </chakra.p>
      ) : (
        <>
          {open.length > 0 && (
            <chakra.ul>
              {open.map((block) => (
                <chakra.li
                  key={block.step}
                  display="flex"
                  gap="2"
                  alignItems="center"
                  py="1.5"
                  borderBottomWidth="1px"
                  borderColor="line"
                >
                  <LevelMark level={block.level} size={18} />
                  <span>{say(block.what)}</span>
                  <chakra.span ml="auto">
                    <Link to={`/jobs/${job.id}/${block.station}`}>
                      <chakra.span color="blue" textDecoration="underline">
                        {block.station.replace('_', ' ')}
                      </chakra.span>
                    </Link>
                  </chakra.span>
                </chakra.li>
              ))}
            </chakra.ul>
          )}
          {person.may_sign ? (
            <Button disabled={!report.may_sign || isPending} onClick={() => mutate()} alignSelf="start">
              Sign as {person.name}
            </Button>
          ) : (
            <chakra.p>A mechanic or the owner signs. Everything else here is yours to do.</chakra.p>
          )}
          {error && (
            <Box role="alert" color="oxide">
              {error.message}
            </Box>
          )}
        </>
      )}
      {job.imported_from && <chakra.p color="mute">Taken in from {job.imported_from}.</chakra.p>}
      {job.said_signed && <chakra.p color="brass">{job.said_signed}</chakra.p>}
      {(job.signed_at || job.addenda.length > 0) && <Addenda />}
      <Flex gap="5" wrap="wrap">
        <chakra.a href={card} target="_blank" color="blue" textDecoration="underline" py="2" rel="noopener">
          Job card, A4
        </chakra.a>
        <chakra.a
          href={`${card}?paper=letter`}
          target="_blank"
          color="blue"
          textDecoration="underline"
          py="2"
          rel="noopener"
        >
          Job card, letter
        </chakra.a>
        <chakra.a
          href={`/files/jobs/${job.id}/sheet.pdf`}
          target="_blank"
          color="blue"
          textDecoration="underline"
          py="2"
          rel="noopener"
        >
          Sheet for the customer
        </chakra.a>
        <chakra.a href={`/files/jobs/${job.id}/job.json`} color="blue" textDecoration="underline" py="2">
          Job as a file
        </chakra.a>
        <Link to={`/jobs/${job.id}/tag`}>
          <chakra.span color="blue" textDecoration="underline" py="2" display="inline-block">
            Tag for the bag
          </chakra.span>
        </Link>
        <Link to={`/machines/${job.machine.id}`}>
          <chakra.span color="blue" textDecoration="underline" py="2" display="inline-block">
            History of {job.machine.name}
          </chakra.span>
        </Link>
      </Flex>
    </Flex>
  );
}
