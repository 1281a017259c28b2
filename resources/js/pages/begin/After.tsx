import { Box, chakra, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { Link, Navigate } from 'react-router';
import { useSession } from '../../api/session';
import { useStarterTools } from '../../api/shop';
import { Button } from '../../controls/Button';
import { Loading } from '../../controls/States';
import { MachineListSheet } from '../machines/MachineListSheet';

/** What a new shop may begin with; each can be left for later. */
export function After({ stage }: { stage: string }) {
  const { data, error } = useSession();
  if (error?.status === 401) return <Navigate to="/sign-in" replace />;
  if (!data) return <Loading what="your shop" />;
  return (
    <Box maxW="640px">
      <chakra.p color="mute" mb="1">
        {data.shop}
      </chakra.p>
      {stage === 'wall' ? <Wall /> : <FirstJob />}
    </Box>
  );
}

const Later = ({ to, children }: { to: string; children: string }) => (
  <Link to={to}>
    <chakra.span color="blue" fontWeight="600" py="3" display="inline-block">
      {children}
    </chakra.span>
  </Link>
);

function Wall() {
  const { mutate, isPending, data, error } = useStarterTools();
  return (
    <>
      <chakra.h1 fontSize="36px">Your tool wall</chakra.h1>
      <chakra.p mb="5" maxW="56ch">
        Drivers, pullers and the press are chosen from what hangs there. Begin with usual sizes and measure them when
        one is in your hand, or hang up your own.
      </chakra.p>
      {data ? (
        <chakra.p role="status" color="verdigris" fontWeight="600" mb="3">
          ✓ {data.tools} tools hang on the wall
        </chakra.p>
      ) : (
        <Button disabled={isPending} onClick={() => mutate()}>
          {isPending ? 'Hanging…' : 'Hang a starter set'}
        </Button>
      )}
      {error && (
        <Box role="alert" color="oxide">
          {error.message}
        </Box>
      )}
      <Flex mt="4">
        <Later to="/begin/job">{data ? 'On' : 'Later'}</Later>
      </Flex>
    </>
  );
}

function FirstJob() {
  const [noted, setNoted] = useState(false);
  return (
    <>
      <chakra.h1 fontSize="36px">The first wheel</chakra.h1>
      <chakra.p mb="5" maxW="56ch">
        A job notes its machine by itself. Have you a list of machines, read it now or later, under Machines.
      </chakra.p>
      <Link to="/board?open">
        <Button as="span">Open the first job</Button>
      </Link>
      <Box mt="8" borderTopWidth="1px" borderColor="line" pt="5">
        <chakra.h2 fontSize="20px" mb="2">
          A list of machines
        </chakra.h2>
        {noted ? (
          <chakra.p role="status" color="verdigris" fontWeight="600">
            ✓ Noted
          </chakra.p>
        ) : (
          <MachineListSheet onDone={() => setNoted(true)} />
        )}
      </Box>
      <Flex mt="4">
        <Later to="/board">To the board</Later>
      </Flex>
    </>
  );
}
