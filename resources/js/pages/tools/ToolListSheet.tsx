import { Box, chakra, Flex } from '@chakra-ui/react';
import { useStarterTools, useToolList } from '../../api/shop';
import { Button } from '../../controls/Button';
import { FileList } from '../../controls/FileList';

/** A list of tools as CSV, or a starter set of usual sizes. */
export function ToolListSheet({ onDone }: { onDone: () => void }) {
  const starter = useStarterTools();
  return (
    <Flex direction="column" gap="3">
      <chakra.p>
        A CSV file with a header: name, kind, outside_mm, opening_mm, length_mm and the rest, as the list is written
        that can be taken along. What hangs here by the same name is left as it is.
      </chakra.p>
      <Box>
        <Button
          look="plain"
          disabled={starter.isPending}
          onClick={() => starter.mutate(undefined, { onSuccess: onDone })}
        >
          Hang a starter set
        </Button>
        <chakra.span color="mute" fontSize="14px" ml="3">
          usual sizes, to be measured anew
        </chakra.span>
      </Box>
      <FileList
        label="List of tools"
        asked={useToolList()}
        count={(read) => read.tools}
        words={{ one: 'new tool', several: 'new tools', known: 'hang here already' }}
        take={{ label: 'Hang them up', after: onDone }}
      />
    </Flex>
  );
}
