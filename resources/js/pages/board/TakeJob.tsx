import { chakra } from '@chakra-ui/react';
import { useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { useTakeJob } from '../../api/ahead';
import type { Far } from '../../api/errands';
import { Button } from '../../controls/Button';

/** Takes a job file of another shop onto this board. */
export function TakeJob() {
  const input = useRef<HTMLInputElement>(null);
  const navigate = useNavigate();
  const [far, setFar] = useState<Far | null>(null);
  const { mutate, isPending, error } = useTakeJob(setFar);
  const take = (file: File | undefined) => {
    setFar(null);
    if (file) mutate(file, { onSuccess: (job) => job !== null && navigate(`/jobs/${job}/check_in`) });
    if (input.current) input.current.value = '';
  };
  return (
    <>
      {error && (
        <chakra.span role="alert" color="oxide" maxW="320px" fontSize="14px">
          {error.problem.errors?.[0]?.detail ?? error.message}
        </chakra.span>
      )}
      {isPending && far && (
        <chakra.span role="status" fontSize="14px" whiteSpace="nowrap">
          {far.of > 0 ? `${far.done} of ${far.of} entries` : 'Waits for its turn'}
        </chakra.span>
      )}
      <input
        ref={input}
        type="file"
        accept="application/json,.json"
        aria-label="Job file"
        hidden
        onChange={(event) => take(event.target.files?.[0])}
      />
      <Button look="quiet" disabled={isPending} onClick={() => input.current?.click()}>
        Read a job file
      </Button>
    </>
  );
}
