import { Box, chakra, Flex } from '@chakra-ui/react';
import { useCalendar, useChangeCalendar } from '../../api/ahead';
import { Button } from '../../controls/Button';
import { Input, Labelled } from '../../controls/Field';

/** The secret address under which a calendar program reads what falls due; a new one ends the old one. */
export function CalendarAddress() {
  const { data } = useCalendar(true);
  const { mutate, isPending, error } = useChangeCalendar();
  return (
    <Box as="section" aria-label="Calendar">
      <chakra.h2 fontSize="20px">Calendar of what falls due</chakra.h2>
      <chakra.p color="mute" fontSize="14.5px" mb="2">
        A calendar program subscribes to this address. Whoever has it can read the list: make a new one when it got
        about, and the old one stops at once.
      </chakra.p>
      {data?.address && (
        <Labelled label="Address" fault={error?.message}>
          {(props) => (
            <Input {...props} readOnly value={data.address ?? ''} onFocus={(event) => event.currentTarget.select()} />
          )}
        </Labelled>
      )}
      <Flex gap="3" mt="2">
        <Button look="plain" disabled={isPending} onClick={() => mutate('new')}>
          {data?.address ? 'Make a new address' : 'Make an address'}
        </Button>
        {data?.address && (
          <Button look="quiet" disabled={isPending} onClick={() => mutate('end')}>
            No calendar any more
          </Button>
        )}
      </Flex>
    </Box>
  );
}
