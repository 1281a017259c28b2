import { Box, chakra, Flex } from '@chakra-ui/react';
import { useRef, useState } from 'react';
import { useAddendum } from '../../api/ahead';
import { newId } from '../../api/ids';
import { Button } from '../../controls/Button';
import { Area, Labelled } from '../../controls/Field';
import { useBench } from '../../job/bench';
import { moment } from '../../words/day';

/** After the signature nothing changes; what was wrong or missing is added below it, with a name. */
export function Addenda() {
  const { job } = useBench();
  const [text, setText] = useState('');
  const { mutate, isPending, error } = useAddendum(job.id);
  // The same words sent twice are one addendum.
  const id = useRef(newId());
  const add = () =>
    mutate(
      { id: id.current, text },
      {
        onSuccess: () => {
          setText('');
          id.current = newId();
        },
      },
    );
  return (
    <Box as="section" aria-label="Added after">
      {job.addenda.length > 0 && <chakra.h3 fontSize="17px">Added after the signature</chakra.h3>}
      <chakra.ul listStyleType="none">
        {job.addenda.map((one) => (
          <chakra.li key={one.id} py="2" borderBottomWidth="1px" borderColor="line">
            {one.text}
            <chakra.span display="block" color="mute" fontSize="14px">
              {one.by}, {moment(one.made_at)}
            </chakra.span>
          </chakra.li>
        ))}
      </chakra.ul>
      {job.signed_at && (
        <Flex direction="column" gap="2" mt="3" maxW="560px">
          <Labelled label="Add a correction or a word" fault={error?.message}>
            {(props) => (
              <Area {...props} value={text} maxLength={2000} onChange={(event) => setText(event.target.value)} />
            )}
          </Labelled>
          <Button look="plain" alignSelf="start" disabled={text.trim() === '' || isPending} onClick={add}>
            Add it under your name
          </Button>
        </Flex>
      )}
    </Box>
  );
}
