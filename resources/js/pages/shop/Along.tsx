import { Box, chakra } from '@chakra-ui/react';
import { useState } from 'react';
import { useTakeAlong } from '../../api/along';
import type { Far } from '../../api/errands';
import { Button } from '../../controls/Button';

/** All of the shop in one file, in open formats: for whoever moves, or only wants to have it. */
export function Along() {
  const [far, setFar] = useState<Far | null>(null);
  const { mutate, data, isPending, error } = useTakeAlong(setFar);
  return (
    <Box as="section" aria-label="Take everything along">
      <chakra.h2 fontSize="20px">Take everything along</chakra.h2>
      <chakra.p color="mute" fontSize="14.5px" mb="2">
        Jobs with their photos, machines, people, prices, tools: one ZIP in open formats, with a page that says what is
        in it. A new installation takes it in. Whoever has it has all of it.
      </chakra.p>
      <Button look="plain" disabled={isPending} onClick={() => mutate()}>
        Write the file
      </Button>
      {isPending && (
        <chakra.span role="status" ml="3">
          {far && far.of > 0 ? `${far.done} of ${far.of} jobs` : 'Begins'}
        </chakra.span>
      )}
      {data && (
        <chakra.p mt="2">
          <chakra.a href={data} color="blue" textDecoration="underline" py="3" display="inline-block">
            It is ready: take it
          </chakra.a>{' '}
          <chakra.span color="mute">It lies here for a day.</chakra.span>
        </chakra.p>
      )}
      {error && (
        <Box role="alert" color="oxide" mt="2">
          {error.message}
        </Box>
      )}
    </Box>
  );
}
