import { Box, chakra, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { useStarterTools, useToolList } from '../../api/shop';
import { Button } from '../../controls/Button';

const FAULTS_SHOWN = 8;

/** A list of tools as CSV: read first, with what is wrong in which line, and hung up only when it is wanted. */
export function ToolListSheet({ onDone }: { onDone: () => void }) {
  const { mutate, data, error, isPending } = useToolList();
  const starter = useStarterTools();
  const [file, setFile] = useState<File | null>(null);
  return (
    <Flex direction="column" gap="3">
      <chakra.p>
        A CSV file with a header: name, kind, outside_mm, opening_mm, length_mm and the rest, as the list is written
        that can be taken along. What hangs here by the same name is left as it is.
      </chakra.p>
      <input
        type="file"
        accept=".csv,text/csv"
        aria-label="List of tools"
        onChange={(e) => {
          const chosen = e.target.files?.[0] ?? null;
          setFile(chosen);
          if (chosen) mutate({ file: chosen, keep: false });
        }}
      />
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
      {error && (
        <Box role="alert" color="oxide">
          {error.about('list') ?? error.message}
        </Box>
      )}
      {data && !data.kept && (
        <Box role="status">
          <chakra.p fontFamily="heading" fontWeight="600" fontSize="20px">
            {data.tools === 1 ? '1 new tool' : `${data.tools} new tools`}
            {data.known > 0 && `, ${data.known} hang here already`}
          </chakra.p>
          {data.faults.slice(0, FAULTS_SHOWN).map((fault) => (
            <Box key={fault.line} color="oxide" fontSize="14.5px">
              Line {fault.line}: {fault.detail}
            </Box>
          ))}
          {data.faults.length > FAULTS_SHOWN && (
            <Box color="oxide">and {data.faults.length - FAULTS_SHOWN} more lines that cannot be read</Box>
          )}
          <Button
            mt="3"
            disabled={isPending || data.tools === 0 || file === null}
            onClick={() => file && mutate({ file, keep: true }, { onSuccess: onDone })}
          >
            Hang them up
          </Button>
        </Box>
      )}
    </Flex>
  );
}
