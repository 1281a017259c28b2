import { Box, chakra, Flex } from '@chakra-ui/react';
import { useEffect } from 'react';
import { useNavigate, useRouteError } from 'react-router';
import { Button } from '../controls/Button';
import { useOnline } from '../offline/online';

/** Scripts of a view that could not be had: there is no network, or a newer version took their place. */
const isUnfetched = (fault: unknown): boolean =>
  fault instanceof Error && /import|module script|preload|fetch/i.test(fault.message);

/** What stands where a view broke: what happened, that nothing entered is lost, and the ways back. */
export function Fault() {
  const fault = useRouteError();
  const navigate = useNavigate();
  const online = useOnline();
  const unfetched = isUnfetched(fault);
  useEffect(() => {
    if (!unfetched) return;
    const again = () => window.location.reload();
    window.addEventListener('online', again);
    return () => window.removeEventListener('online', again);
  }, [unfetched]);
  return (
    <Box py="10" px="6" maxW="560px" role="alert">
      <chakra.h1 fontSize="26px" color={unfetched ? 'brass' : 'oxide'}>
        {unfetched ? (online ? 'This view did not come' : 'No network') : 'This view broke'}
      </chakra.h1>
      <Box mt="2" mb="5">
        {unfetched && !online && 'This view was not opened on this device before. It opens when the network is back. '}
        {unfetched && online && 'A newer version took its place, or the server does not answer: load the page again. '}
        {!unfetched && 'It is a fault of the program, none of yours. '}
        What was entered is kept.
      </Box>
      <Flex gap="3" wrap="wrap">
        <Button onClick={() => window.location.reload()}>Load the page again</Button>
        <Button look="plain" onClick={() => navigate(-1)}>
          Back
        </Button>
        <Button look="plain" onClick={() => navigate('/board')}>
          To the board
        </Button>
      </Flex>
      {!unfetched && fault instanceof Error && (
        <chakra.details mt="5" color="mute" fontSize="14px">
          <chakra.summary cursor="pointer" minH="44px">
            For whoever mends it
          </chakra.summary>
          {fault.message}
        </chakra.details>
      )}
    </Box>
  );
}
