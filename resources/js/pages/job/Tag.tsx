import { Box, chakra, Flex } from '@chakra-ui/react';
import { useParams } from 'react-router';
import { useJob } from '../../api/jobs';
import { Button } from '../../controls/Button';
import { PhoneCode } from '../../controls/PhoneCode';
import { Loading, Trouble } from '../../controls/States';
import { useTitle } from '../../controls/title';
import { askOf } from '../../job/bench';
import { day } from '../../words/day';
import { useSay } from '../../words/person';

/** A tag for the bag with spares or old parts: which wheel, what is in it, and a code that opens the record. */
export function Tag() {
  const say = useSay();
  const { data, error, refetch } = useJob(Number(useParams().id));
  useTitle('Tag', data && `${data.machine.name}, ${data.wheel.toLowerCase()}`);
  if (!data) return error ? <Trouble refusal={error} again={refetch} /> : <Loading what="the tag" />;
  const kept = data.report.tray.filter((part) => part.state === 'on_tray' || part.state === 'scrapped');
  const fitted = ['left', 'right']
    .map((seat) => askOf(data.report, 'source', 'number', seat)?.place)
    .map((place) => data.entries.find((one) => one.place === place)?.value?.text)
    .filter((text) => typeof text === 'string');
  return (
    <Box p="6">
      <Box mb="5" css={{ '@media print': { display: 'none' } }}>
        <Button onClick={() => window.print()}>Print the tag</Button>
      </Box>
      <Flex
        direction="column"
        gap="2"
        w="min(105mm, 100%)"
        minH="62mm"
        p="5mm"
        borderWidth="1px"
        borderColor="ink"
        borderStyle="dashed"
        css={{
          '@media print': {
            position: 'fixed',
            inset: '0 auto auto 0',
            width: '105mm',
            background: 'white',
            color: 'black',
          },
        }}
      >
        <chakra.h1 fontSize="22px">
          {data.machine.name}, {data.wheel.toLowerCase()}
        </chakra.h1>
        <chakra.span fontSize="14px">
          Job {data.number} · {day(data.signed_at ?? data.opened_at)} · {data.machine.owner}
        </chakra.span>
        {fitted.length > 0 && <chakra.span fontSize="15px">Fitted: {[...new Set(fitted)].join(', ')}</chakra.span>}
        {kept.length > 0 && (
          <chakra.span fontSize="14px">In the bag: {kept.map((part) => say(part.name)).join(', ')}</chakra.span>
        )}
        <PhoneCode path={`/jobs/${data.id}/prove`} label="the record" note="The record of this job." />
      </Flex>
    </Box>
  );
}
