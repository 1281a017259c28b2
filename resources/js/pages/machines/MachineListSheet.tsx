import { chakra, Flex } from '@chakra-ui/react';
import { useMachineList } from '../../api/shop';
import { FileList } from '../../controls/FileList';

/** A list of machines and of whose they are, as CSV. */
export const MachineListSheet = ({ onDone }: { onDone: () => void }) => (
  <Flex direction="column" gap="3">
    <chakra.p>
      A CSV file with a header: name, model, owner. Whose a machine is may also be called customer. What is noted
      already with the same three is left as it is.
    </chakra.p>
    <FileList
      label="List of machines"
      asked={useMachineList()}
      count={(read) => read.machines}
      words={{ one: 'new machine', several: 'new machines', known: 'noted already' }}
      take={{ label: 'Note them', after: onDone }}
    />
  </Flex>
);
