import { Box, chakra, Flex } from '@chakra-ui/react';
import { Link } from 'react-router';
import { useMachines } from '../api/shop';
import { Button } from '../parts/Button';
import { PageHead } from '../parts/PageHead';
import { Empty, Loading, Trouble } from '../parts/States';

/** Every machine that was here, by name. */
export function Machines() {
  const { data, error, refetch, hasNextPage, fetchNextPage } = useMachines();
  return (
    <Box>
      <PageHead title="Machines" />
      {!data && (error ? <Trouble refusal={error} again={refetch} /> : <Loading what="the machines" />)}
      {data?.length === 0 && <Empty title="No machine yet">The first one comes with the first job.</Empty>}
      <ul>
        {data?.map((one) => (
          <chakra.li key={one.id} borderBottomWidth="1px" borderColor="line">
            <Link to={`/machines/${one.id}`}>
              <Flex px="6" py="3" gap="5" align="baseline" _hover={{ bg: 'wash' }}>
                <chakra.span fontFamily="heading" fontWeight="600" fontSize="20px" minW="260px">
                  {one.name}
                </chakra.span>
                <chakra.span minW="160px">{one.model}</chakra.span>
                <chakra.span color="mute">{one.owner}</chakra.span>
              </Flex>
            </Link>
          </chakra.li>
        ))}
      </ul>
      {hasNextPage && (
        <Button look="plain" m="6" onClick={() => fetchNextPage()}>
          More
        </Button>
      )}
    </Box>
  );
}
