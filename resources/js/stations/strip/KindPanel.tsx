import { chakra, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { usePutRight } from '../../api/jobs';
import { Button } from '../../controls/Button';
import { useBench } from '../../job/bench';
import { KindPick } from '../../job/KindPick';

/** How the hub is built, said once it can be seen: the whole job follows. */
export function KindPanel() {
  const { job, closed } = useBench();
  const { mutate, isPending, error } = usePutRight(job.id);
  const [kind, setKind] = useState('');
  return (
    <Flex direction="column" gap="3">
      <KindPick chosen={kind} onChoose={setKind} label="It looks like" sureOnly fault={error?.about('pattern')} />
      {error && error.problem.errors.length === 0 && (
        <chakra.p role="alert" color="oxide">
          {error.message}
        </chakra.p>
      )}
      <Flex>
        <Button
          disabled={closed || isPending || kind === ''}
          onClick={() => mutate({ wheel: job.wheel, pattern: kind })}
        >
          It is built so
        </Button>
      </Flex>
    </Flex>
  );
}
