import { Box, chakra, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { Link } from 'react-router';
import { useBoard, useJob } from '../../api/jobs';
import { useKeep } from '../../api/records';
import type { Ask, JobCard, JobSheet } from '../../api/types';
import { Button } from '../../controls/Button';
import { FindField, useRested } from '../../controls/FindField';
import { More } from '../../controls/More';
import { Sheet } from '../../controls/Sheet';
import { Empty, Loading, Trouble } from '../../controls/States';
import { usePerson, useSay } from '../../words/person';

/** Puts what was found into an open job, at a place where its Size station asks for it. */
export function SendToJob({ text }: { text: string }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button look="plain" onClick={() => setOpen(true)}>
        Send to a job
      </Button>
      <Sheet title={`Send to a job: ${text}`} open={open} onClose={() => setOpen(false)}>
        <Jobs text={text} />
      </Sheet>
    </>
  );
}

function Jobs({ text }: { text: string }) {
  const [job, setJob] = useState<JobCard | null>(null);
  const [words, setWords] = useState('');
  const find = useRested(words);
  const board = useBoard(false, find);
  const { data, error, refetch } = board;
  if (job) return <Places card={job} text={text} onBack={() => setJob(null)} />;
  if (!data) return error ? <Trouble refusal={error} again={refetch} /> : <Loading what="the open jobs" />;
  if (data.length === 0 && find === '') return <Empty title="No job is open">Open one on the board first.</Empty>;
  return (
    <Flex direction="column" gap="1">
      <Flex mb="2">
        <FindField label="Machine, owner or job" text={words} onType={setWords} />
      </Flex>
      {data.length === 0 && <Box color="mute">No open job with "{find}".</Box>}
      {data.map((one) => (
        <chakra.button
          key={one.id}
          type="button"
          onClick={() => setJob(one)}
          textAlign="left"
          minH="48px"
          py="1"
          borderTopWidth="1px"
          borderColor="line"
          cursor="pointer"
        >
          <chakra.strong fontFamily="heading" fontSize="18px">
            {one.machine.name}, {one.wheel.toLowerCase()}
          </chakra.strong>
          <chakra.span color="mute"> · job {one.number}</chakra.span>
        </chakra.button>
      ))}
      <More of={board} label="More jobs" p="0" />
    </Flex>
  );
}

/** What a number or a size may be told to: a bearing of a pair, or another part that is bought. */
const takes = (ask: Ask): boolean => ask.role === 'number' || ask.role === 'sized';

function Places({ card, text, onBack }: { card: JobCard; text: string; onBack: () => void }) {
  const { data, error, refetch } = useJob(card.id);
  if (!data) return error ? <Trouble refusal={error} again={refetch} /> : <Loading what="the job" />;
  return <Take job={data} card={card} text={text} onBack={onBack} />;
}

function Take({ job, card, text, onBack }: { job: JobSheet; card: JobCard; text: string; onBack: () => void }) {
  const say = useSay();
  const person = usePerson();
  const keep = useKeep(card.id, person);
  const [sent, setSent] = useState<string | null>(null);
  const asks = job.report.stations.find((one) => one.station === 'size')?.steps.flatMap((step) => step.asks) ?? [];
  const places = asks.filter(takes);
  const standing = (place: string): string | undefined =>
    job.entries.find((entry) => entry.place === place)?.value?.text as string | undefined;
  if (sent)
    return (
      <Box role="status">
        <chakra.p mb="3">
          {text} is kept in job {card.number} as {sent}.
        </chakra.p>
        <Link to={`/jobs/${card.id}/size`}>
          <chakra.span color="blue" fontWeight="600">
            Open the job
          </chakra.span>
        </Link>
      </Box>
    );
  return (
    <Box>
      <Button look="quiet" px="0" onClick={onBack}>
        ← Another job
      </Button>
      {places.map((ask) => {
        const step = job.report.stations
          .find((one) => one.station === 'size')
          ?.steps.find((one) => one.asks.includes(ask));
        // The step is named after the part.
        const name = say(step ? step.title : ask.label);
        return (
          <chakra.button
            key={ask.place}
            type="button"
            onClick={() => {
              keep(ask.place, { text });
              setSent(name);
            }}
            display="block"
            w="100%"
            textAlign="left"
            minH="48px"
            borderTopWidth="1px"
            borderColor="line"
            cursor="pointer"
          >
            <chakra.strong fontFamily="heading" fontSize="18px">
              {name}
            </chakra.strong>
            {standing(ask.place) && <chakra.span color="mute"> · now {standing(ask.place)}</chakra.span>}
          </chakra.button>
        );
      })}
      {places.length === 0 && <chakra.p color="mute">This job asks for no number.</chakra.p>}
    </Box>
  );
}
