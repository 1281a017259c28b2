import { Box, Flex } from '@chakra-ui/react';
import { useRef, useState } from 'react';
import { photoUrl, useThrowPhoto } from '../api/photos';
import type { Ask } from '../api/types';
import { Button } from '../controls/Button';
import { PhoneCode } from '../controls/PhoneCode';
import { useSay } from '../words/person';
import { useBench } from './bench';
import { Photo } from './Photo';
import { useTaking } from './taking';

/** Photos of a part: taken here, or with a phone by the code on the screen. */
export function PartPhotos({
  ask,
  photos,
  onPhotos,
}: {
  ask: Ask;
  photos: string[];
  /** The list with a photo more, and which one that is. */
  onPhotos: (change: { photos: string[] }, photo?: string) => void;
}) {
  const say = useSay();
  const bench = useBench();
  const input = useRef<HTMLInputElement>(null);
  const [code, setCode] = useState(false);
  const throwing = useThrowPhoto();
  const { take, busy, fault } = useTaking((id) => onPhotos({ photos: [...photos, id] }, id));
  return (
    <>
      <input
        ref={input}
        type="file"
        accept="image/jpeg,image/png,image/webp"
        hidden
        onChange={(event) => {
          take(event.target.files?.[0]);
          event.target.value = '';
        }}
      />
      <Button look="quiet" disabled={busy || bench.closed} onClick={() => input.current?.click()}>
        {busy ? 'One moment…' : photos.length > 0 ? 'Another photo' : 'Photo'}
      </Button>
      <Button look="quiet" disabled={bench.closed} aria-expanded={code} onClick={() => setCode(!code)}>
        By phone
      </Button>
      {photos.length > 0 && (
        <Flex gap="1.5" wrap="wrap">
          {photos.map((photo, i) => (
            <Flex key={photo} align="center">
              <a href={photoUrl(photo)} target="_blank" rel="noreferrer">
                <Photo id={photo} alt={`${say(ask.label)}, no. ${i + 1}`} h="44px" borderRadius="sm" />
              </a>
              {!bench.closed && (
                <Button
                  look="quiet"
                  px="2"
                  aria-label={`Throw photo no. ${i + 1} away`}
                  title="Throw it away"
                  disabled={throwing.isPending}
                  onClick={() => {
                    onPhotos({ photos: photos.filter((one) => one !== photo) });
                    throwing.mutate(photo);
                  }}
                >
                  ×
                </Button>
              )}
            </Flex>
          ))}
        </Flex>
      )}
      {fault && (
        <Box role="alert" color="oxide" fontSize="14px" flexBasis="100%">
          {fault}
        </Box>
      )}
      {code && (
        <PhoneCode path={`/jobs/${bench.job.id}/photo/${ask.place}`} label={`the photo page of ${say(ask.label)}`} />
      )}
    </>
  );
}
