import { Box, chakra } from '@chakra-ui/react';
import { useState } from 'react';
import type { Refusal } from '../api/client';
import { Button } from './Button';

const FAULTS_SHOWN = 8;

interface Read {
  known: number;
  kept: boolean;
  faults: { line: number; detail: string }[];
}

/** A list from a file: read first, with what is wrong in which line, and taken only when it is wanted. */
export function FileList<T extends Read>({
  label,
  asked,
  count,
  words,
  take,
}: {
  label: string;
  /** What reads the file, and takes it with `keep`. */
  asked: {
    mutate: (given: { file: File; keep: boolean }, then?: { onSuccess: () => void }) => void;
    data: T | undefined;
    error: Refusal | null;
    isPending: boolean;
  };
  /** How many of the list are new. */
  count: (read: T) => number;
  /** One of them, several, and what is said of those there were before. */
  words: { one: string; several: string; known: string };
  /** The button that takes it, and what comes after. */
  take: { label: string; after: () => void };
}) {
  const [file, setFile] = useState<File | null>(null);
  const { mutate, data, error, isPending } = asked;
  const found = data === undefined ? 0 : count(data);
  return (
    <Box>
      <chakra.input
        type="file"
        maxW="100%"
        minH="44px"
        css={{
          '&::file-selector-button': {
            minHeight: '44px',
            marginRight: '3',
            paddingInline: '4',
            borderWidth: '2px',
            borderStyle: 'solid',
            borderColor: 'blue',
            borderRadius: 'sm',
            background: 'transparent',
            color: 'blue',
            fontFamily: 'heading',
            fontWeight: '600',
            fontSize: '17px',
            cursor: 'pointer',
          },
        }}
        accept=".csv,text/csv"
        aria-label={label}
        onChange={(e) => {
          const chosen = e.target.files?.[0] ?? null;
          setFile(chosen);
          if (chosen) mutate({ file: chosen, keep: false });
        }}
      />
      {error && (
        <Box role="alert" color="oxide" mt="3">
          {error.about('list') ?? error.message}
        </Box>
      )}
      {data && !data.kept && (
        <Box role="status" mt="3">
          <chakra.p fontFamily="heading" fontWeight="600" fontSize="20px">
            {found === 1 ? `1 ${words.one}` : `${found} ${words.several}`}
            {data.known > 0 && `, ${data.known} ${words.known}`}
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
            disabled={isPending || found === 0 || file === null}
            onClick={() => file && mutate({ file, keep: true }, { onSuccess: take.after })}
          >
            {take.label}
          </Button>
        </Box>
      )}
    </Box>
  );
}
