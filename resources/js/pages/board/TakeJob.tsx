import { chakra } from '@chakra-ui/react';
import { useRef } from 'react';
import { useNavigate } from 'react-router';
import { useTakeJob } from '../../api/ahead';
import { Button } from '../../controls/Button';

/** Takes a job file of another shop onto this board. */
export function TakeJob() {
  const input = useRef<HTMLInputElement>(null);
  const navigate = useNavigate();
  const { mutate, isPending, error } = useTakeJob();
  const take = (file: File | undefined) => {
    if (file) mutate(file, { onSuccess: (job) => navigate(`/jobs/${job.id}/check_in`) });
    if (input.current) input.current.value = '';
  };
  return (
    <>
      {error && (
        <chakra.span role="alert" color="oxide" maxW="320px" fontSize="14px">
          {error.problem.errors?.[0]?.detail ?? error.message}
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
