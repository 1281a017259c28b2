import { Box, chakra, Flex } from '@chakra-ui/react';
import { useRef, useState } from 'react';
import { layRecordingReady, recordingUrl, throwWaiting, useRecording, useThrowRecording } from '../../api/recordings';
import { useWaiting } from '../../api/records';
import type { Ask, Entry, EntryValue, JobSheet } from '../../api/types';
import { Button } from '../../controls/Button';
import { PhoneCode } from '../../controls/PhoneCode';
import { Sheet } from '../../controls/Sheet';
import { useSent } from '../../offline/photos';
import { useSay } from '../../words/person';
import { Heard } from './Heard';
import { PlayButton } from './PlayButton';
import { Recorder, type Take } from './Recorder';

/** So much sound may be on its way when it ends, in seconds; what lacks beyond it is lost. */
const LOST_S = 0.5;

interface Props {
  job: JobSheet;
  ask: Ask;
  entries: Map<string, Entry>;
  closed: boolean;
  refused?: string;
  keep: (place: string, entry: EntryValue, instrument?: string, file?: string) => void;
  /** Whether this is a phone already. */
  onPhone?: boolean;
}

const recordingOf = (entries: Map<string, Entry>, place: string | null): string | undefined => {
  const id = place === null ? undefined : entries.get(place)?.value?.recording;
  return typeof id === 'string' ? id : undefined;
};

/** A wheel is recorded while it spins: by this device, by a phone, or from a file; and what the recording tells. */
export function SoundField({ job, ask, entries, closed, refused, keep, onPhone = false }: Props) {
  const say = useSay();
  const [open, setOpen] = useState(false);
  const [runs, setRuns] = useState(false);
  const [code, setCode] = useState(false);
  const [fault, setFault] = useState<string>();
  const input = useRef<HTMLInputElement>(null);
  const recording = recordingOf(entries, ask.place);
  const before = recordingOf(entries, ask.before);
  const lay = async (take: Take) => {
    setFault(undefined);
    const id = await layRecordingReady(take.wave);
    keep(ask.place, { recording: id, taps: take.taps, taps_heard: take.touched }, undefined, id);
    if (take.lost > LOST_S) {
      const lost = take.lost.toFixed(1);
      setFault(`This device was too busy and lost ${lost} s of the sound. Close what else runs, and record it again.`);
    }
    setOpen(false);
  };
  const takeFile = async (file: File | undefined) => {
    setFault(undefined);
    if (!file) return;
    const head = new TextDecoder('latin1').decode(await file.slice(0, 12).arrayBuffer());
    if (!head.startsWith('RIFF') || !head.endsWith('WAVE')) {
      setFault('That is no recording: it is not a WAV file, whatever its name says.');
      return;
    }
    await lay({ wave: new Blob([file], { type: 'audio/wav' }), taps: [], touched: false, lost: 0 });
  };
  return (
    <Box as="fieldset" data-place={ask.place} minW="0">
      <chakra.legend fontSize="14px" color="mute" mb="1">
        {say(ask.label)}
      </chakra.legend>
      {recording !== undefined && (
        <Kept
          key={recording}
          job={job}
          place={ask.place}
          id={recording}
          before={before}
          entries={entries}
          closed={closed}
        />
      )}
      {!closed && (
        <Flex wrap="wrap" gap="2" align="center">
          <Button look={recording === undefined ? 'main' : 'quiet'} minH="56px" onClick={() => setOpen(true)}>
            {recording === undefined ? 'Record a spin' : 'Record it again'}
          </Button>
          {!onPhone && (
            <Button look="quiet" aria-expanded={code} onClick={() => setCode(!code)}>
              By phone
            </Button>
          )}
          <input
            ref={input}
            type="file"
            accept=".wav,audio/wav,audio/x-wav"
            hidden
            onChange={(event) => {
              void takeFile(event.target.files?.[0]);
              event.target.value = '';
            }}
          />
          <Button look="quiet" onClick={() => input.current?.click()}>
            A file
          </Button>
        </Flex>
      )}
      {(fault || refused) && (
        <Box role="alert" color="oxide" fontSize="14px">
          {fault ?? refused}
        </Box>
      )}
      {code && (
        <PhoneCode
          path={`/jobs/${job.id}/photo/${ask.place}`}
          label={`the recorder of ${say(ask.label)}`}
          note="Point the phone's camera at it. It asks for your sign-in once, then records there."
        />
      )}
      {!closed && (
        <Sheet title={say(ask.label)} open={open} stays={runs} onClose={() => setOpen(false)}>
          <Recorder
            ready={ask.hint === null ? undefined : say(ask.hint)}
            onRuns={setRuns}
            onTake={(take) => void lay(take)}
          />
        </Sheet>
      )}
    </Box>
  );
}

/** A recording that is there: what it tells, to be played again, or on its way. */
function Kept({
  job,
  place,
  id,
  before,
  entries,
  closed,
}: {
  job: JobSheet;
  place: string;
  id: string;
  before: string | undefined;
  entries: Map<string, Entry>;
  closed: boolean;
}) {
  const waits = useWaiting().some((one) => one.photo === id);
  const sent = useSent(id);
  const judged = entries.get(place)?.value?.heard !== undefined;
  const { data, error } = useRecording(job.id, id, !waits, judged);
  const then = useRecording(job.id, before ?? '', before !== undefined, true);
  const throwing = useThrowRecording(job.id);
  return (
    <Box mb="2">
      {waits && (
        <chakra.p role="status" color="brass" fontWeight="600">
          {sent === undefined ? 'Recorded. It waits to be sent.' : `Recorded. ${Math.round(100 * sent)} % sent.`}
        </chakra.p>
      )}
      {data?.erased_at && <chakra.p color="mute">The sound was erased with what was kept of the customer.</chakra.p>}
      {data?.waits && <chakra.p role="status">Listening to it…</chakra.p>}
      {data?.fault && (
        <chakra.p role="alert" color="oxide">
          {data.fault}
        </chakra.p>
      )}
      {data?.heard && <Heard heard={data.heard} before={then.data?.heard?.picture} />}
      {error && !waits && (
        <chakra.p color={error.passing ? 'mute' : 'oxide'}>
          {error.passing ? 'What it tells is seen once the network is back.' : error.message}
        </chakra.p>
      )}
      <Flex gap="2" wrap="wrap">
        {!data?.erased_at && <PlayButton ids={[id]}>Play it</PlayButton>}
        {before !== undefined && !data?.erased_at && (
          <PlayButton ids={[before, id]}>Before, then now, as loud</PlayButton>
        )}
        {!waits && data && !data.erased_at && (
          <chakra.a href={`${recordingUrl(id)}?download=1`} color="blue" fontFamily="heading" fontWeight="600" px="2">
            As a WAV file
          </chakra.a>
        )}
        {!closed && (waits ? sent === undefined : data) && (
          <Button
            look="quiet"
            disabled={throwing.isPending}
            onClick={() => (waits ? void throwWaiting(id) : throwing.mutate(id))}
          >
            Throw it away
          </Button>
        )}
      </Flex>
    </Box>
  );
}
