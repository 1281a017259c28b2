import { Box, chakra } from '@chakra-ui/react';
import { useChangeShop } from '../../api/shop';
import { Button } from '../../controls/Button';
import { usePerson } from '../../words/person';

/** Stands where prices would, in a shop that does not want them. */
export function PricesHidden() {
  const { role } = usePerson();
  const { mutate, isPending, error } = useChangeShop();
  return (
    <Box mt="2">
      <chakra.p color="mute">Prices, quotes and orders are hidden in this shop.</chakra.p>
      {role === 'owner' && (
        <Button look="quiet" disabled={isPending} onClick={() => mutate({ prices: true })}>
          Show prices
        </Button>
      )}
      {error && (
        <Box role="alert" color="oxide">
          {error.message}
        </Box>
      )}
    </Box>
  );
}
