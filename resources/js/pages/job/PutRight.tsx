import { Box, chakra, Flex } from '@chakra-ui/react';
import { type FormEvent, useState } from 'react';
import { useCloseJob, usePutRight, useTakeUp } from '../../api/jobs';
import type { JobSheet } from '../../api/types';
import { Button } from '../../controls/Button';
import { Input, Labelled } from '../../controls/Field';
import { Sheet } from '../../controls/Sheet';
import { KindPick } from '../../job/KindPick';
import { dayOfYear } from '../../words/day';

/** What was said when the job was opened, to be corrected; or the job closed without a signature. */
export function PutRight({ job }: { job: JobSheet }) {
  const [open, setOpen] = useState(false);
  if (job.signed_at || job.closed) return null;
  return (
    <>
      <Button look="quiet" my="-2.5" onClick={() => setOpen(true)}>
        Correct or close
      </Button>
      <Sheet title={`Job ${job.number}`} open={open} onClose={() => setOpen(false)} wide>
        <Correction job={job} onDone={() => setOpen(false)} />
        <Closing job={job} onDone={() => setOpen(false)} />
      </Sheet>
    </>
  );
}

function Correction({ job, onDone }: { job: JobSheet; onDone: () => void }) {
  const { mutate, isPending, error } = usePutRight(job.id);
  const [wheel, setWheel] = useState(job.wheel);
  const [pattern, setPattern] = useState(job.pattern);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    mutate({ wheel, pattern }, { onSuccess: onDone });
  };
  return (
    <Flex as="form" onSubmit={submit} direction="column" gap="3">
      <Labelled label="Which wheel" fault={error?.about('wheel')}>
        {(props) => <Input {...props} value={wheel} onChange={(e) => setWheel(e.target.value)} />}
      </Labelled>
      <KindPick chosen={pattern} onChoose={setPattern} fault={error?.about('pattern')} />
      <chakra.p color="mute" fontSize="14px">
        What was entered stays: the other kind reads what it has too. The complaint is corrected at Check in.
      </chakra.p>
      <Refused error={error} />
      <Flex>
        <Button type="submit" disabled={isPending || (wheel === job.wheel && pattern === job.pattern)}>
          Put it right
        </Button>
      </Flex>
    </Flex>
  );
}

function Closing({ job, onDone }: { job: JobSheet; onDone: () => void }) {
  const { mutate, isPending, error } = useCloseJob(job.id);
  const [reason, setReason] = useState('');
  const submit = (event: FormEvent) => {
    event.preventDefault();
    mutate(reason, { onSuccess: onDone });
  };
  return (
    <Flex as="form" onSubmit={submit} direction="column" gap="3" mt="5" pt="4" borderTopWidth="1px" borderColor="line">
      <chakra.h3 fontSize="19px">Close it without a signature</chakra.h3>
      <Labelled
        label="Why"
        fault={error?.about('reason')}
        hint="Opened by mistake, or not done after all. It leaves the board, and can be taken up again."
      >
        {(props) => <Input {...props} value={reason} onChange={(e) => setReason(e.target.value)} />}
      </Labelled>
      <Refused error={error} />
      <Flex>
        <Button type="submit" look="plain" disabled={isPending || reason.trim() === ''}>
          Close it
        </Button>
      </Flex>
    </Flex>
  );
}

const Refused = ({ error }: { error: ReturnType<typeof usePutRight>['error'] }) =>
  error && error.problem.errors.length === 0 ? (
    <Box role="alert" color="oxide">
      {error.message}
    </Box>
  ) : null;

/** That a job is closed, by whom and why; it can be taken up again. */
export function ClosedNote({ job }: { job: JobSheet }) {
  const { mutate, isPending, error } = useTakeUp(job.id);
  if (!job.closed) return null;
  return (
    <Flex role="note" bg="brassWash" color="brass" px="6" py="2" gap="4" align="center" wrap="wrap">
      <chakra.span fontFamily="heading" fontWeight="600" fontSize="18px">
        Closed without a signature
      </chakra.span>
      <chakra.span flex="1" minW="200px">
        {job.closed.reason}. {[job.closed.by, dayOfYear(job.closed.at)].filter(Boolean).join(', ')}.
      </chakra.span>
      <Button look="plain" disabled={isPending} onClick={() => mutate()}>
        Take it up again
      </Button>
      <Refused error={error} />
    </Flex>
  );
}
