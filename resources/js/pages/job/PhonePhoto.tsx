import { Box, chakra, Flex } from '@chakra-ui/react';
import { useRef } from 'react';
import { useParams } from 'react-router';
import { useJob } from '../../api/jobs';
import { useEntries, useKeep } from '../../api/records';
import type { Ask, JobSheet } from '../../api/types';
import { Button } from '../../controls/Button';
import { Empty, Loading, Trouble } from '../../controls/States';
import { useTitle } from '../../controls/title';
import { Keeping } from '../../job/Keeping';
import { Photo } from '../../job/Photo';
import { SoundField } from '../../job/sound/SoundField';
import { useTaking } from '../../job/taking';
import { usePerson, useSay } from '../../words/person';

/** One part's photos on a phone: a large button that opens the camera, and what was taken so far. */
export function PhonePhoto() {
  const { id, place = '' } = useParams();
  const { data, error, refetch } = useJob(Number(id));
  if (!data) return error ? <Trouble refusal={error} again={refetch} /> : <Loading what="the part" />;
  const ask = data.report.stations
    .flatMap((station) => station.steps)
    .flatMap((step) => step.asks)
    .find((one) => one.place === place && one.until !== 'fitted');
  return ask?.kind === 'sound' ? (
    <PhoneSound job={data} ask={ask} />
  ) : ask ? (
    <Camera job={data} ask={ask} />
  ) : (
    <Empty title="No such part">The hub was changed. Scan its code again.</Empty>
  );
}

/** Records on a phone what a tablet at the bench is too far from. */
function PhoneSound({ job, ask }: { job: JobSheet; ask: Ask }) {
  const say = useSay();
  const person = usePerson();
  const entries = useEntries(job.id, job.entries);
  const keep = useKeep(job.id, person);
  useTitle('Recording', say(ask.label), `job ${job.number}`);
  return (
    <Flex direction="column" gap="4" p="5" maxW="520px">
      <About job={job} ask={ask} />
      <SoundField
        job={job}
        ask={ask}
        entries={entries}
        closed={job.signed_at !== null || job.closed !== null}
        keep={keep}
        onPhone
      />
      <Keeping />
    </Flex>
  );
}

function Camera({ job, ask }: { job: JobSheet; ask: Ask }) {
  const say = useSay();
  const person = usePerson();
  const entries = useEntries(job.id, job.entries);
  const keep = useKeep(job.id, person);
  const input = useRef<HTMLInputElement>(null);
  useTitle('Photo', say(ask.label), `job ${job.number}`);
  const value = entries.get(ask.place)?.value ?? {};
  const photos = (value.photos as string[] | undefined) ?? [];
  const { take, busy, fault } = useTaking((id) =>
    keep(
      ask.place,
      ask.kind === 'photos'
        ? { photos: [...photos, id] }
        : { ...value, state: value.state ?? 'in_place', order: undefined, photos: [...photos, id] },
      undefined,
      id,
    ),
  );
  return (
    <Flex direction="column" gap="4" p="5" maxW="520px">
      <About job={job} ask={ask} />
      <input
        ref={input}
        type="file"
        accept="image/*"
        capture="environment"
        hidden
        onChange={(event) => {
          take(event.target.files?.[0]);
          event.target.value = '';
        }}
      />
      <Button
        minH="88px"
        fontSize="24px"
        disabled={busy || job.signed_at !== null || job.closed !== null}
        onClick={() => input.current?.click()}
      >
        {busy ? 'One moment…' : 'Take a photo'}
      </Button>
      {fault && (
        <Box role="alert" color="oxide">
          {fault}
        </Box>
      )}
      <Keeping />
      <Flex wrap="wrap" gap="3">
        {photos.map((photo, i) => (
          <Photo key={photo} id={photo} alt={`${say(ask.label)}, no. ${i + 1}`} w="46%" borderRadius="sm" />
        ))}
      </Flex>
    </Flex>
  );
}

/** What it is of, and of which job. */
function About({ job, ask }: { job: JobSheet; ask: Ask }) {
  const say = useSay();
  return (
    <Box>
      <chakra.h1 fontSize="26px">{say(ask.label)}</chakra.h1>
      <chakra.p color="mute">
        {job.machine.name}, {job.wheel.toLowerCase()} · job {job.number}
      </chakra.p>
    </Box>
  );
}
