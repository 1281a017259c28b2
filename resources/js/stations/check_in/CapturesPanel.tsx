import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import { useState } from 'react';
import type { Ask, Step } from '../../api/types';
import { Button } from '../../controls/Button';
import { Input } from '../../controls/Field';
import { AskField } from '../../job/AskField';
import { useBench } from '../../job/bench';
import { PartPhotos } from '../../job/PartPhotos';
import { useSay } from '../../words/person';
import { CaliperPicture } from './CaliperPicture';

/** What must be measured before it comes apart: each with where the caliper goes, and a way to say why not. */
export function CapturesPanel({ step }: { step: Step }) {
  return (
    <Grid templateColumns="repeat(auto-fill, minmax(250px, 1fr))" gap="3" alignItems="start" data-fields="">
      {step.asks
        .filter((ask) => ask.kind !== 'photos')
        .map((ask) => (
          <Capture
            key={ask.place}
            ask={ask}
            photos={step.asks.find((one) => one.kind === 'photos' && one.at === ask.place)}
          />
        ))}
    </Grid>
  );
}

function Capture({ ask, photos }: { ask: Ask; photos?: Ask }) {
  const say = useSay();
  const bench = useBench();
  const [skipping, setSkipping] = useState(false);
  const skipped = bench.entries.get(ask.place)?.value?.skipped as string | undefined;
  const entered = bench.entries.has(ask.place);
  return (
    <Box
      borderWidth="1px"
      borderColor={entered && !skipped ? 'verdigris' : 'line'}
      borderRadius="sm"
      bg="card"
      p="3"
      gridColumn={ask.kind === 'choices' ? '1 / -1' : undefined}
    >
      {ask.picture && <CaliperPicture of={ask.picture} />}
      {skipped !== undefined ? (
        <Flex justify="space-between" gap="2" fontSize="14px" mt="1">
          <span>
            {say(ask.label)}
            <chakra.span display="block" color="brass">
              Skipped: {skipped}
            </chakra.span>
          </span>
          <Button look="quiet" disabled={bench.closed} onClick={() => bench.keep(ask.place, null)}>
            Measure it
          </Button>
        </Flex>
      ) : (
        <>
          <AskField ask={ask} />
          {ask.picture &&
            !entered &&
            !bench.closed &&
            (skipping ? (
              <Input
                aria-label={`Why ${say(ask.label)} is skipped`}
                placeholder="Why it is skipped, then Enter"
                onKeyDown={(event) => {
                  const reason = event.currentTarget.value.trim();
                  if (event.key === 'Escape') setSkipping(false);
                  if (event.key === 'Enter' && reason !== '') {
                    event.preventDefault();
                    setSkipping(false);
                    bench.keep(ask.place, { skipped: reason });
                  }
                }}
              />
            ) : (
              <Button look="quiet" onClick={() => setSkipping(true)}>
                Skip it
              </Button>
            ))}
          {photos && (
            <Flex wrap="wrap">
              <PartPhotos
                ask={photos}
                photos={(bench.entries.get(photos.place)?.value?.photos as string[] | undefined) ?? []}
                onPhotos={(change, photo) =>
                  bench.keep(photos.place, change.photos.length > 0 ? change : null, undefined, photo)
                }
              />
            </Flex>
          )}
        </>
      )}
    </Box>
  );
}
