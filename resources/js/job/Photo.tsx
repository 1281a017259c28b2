import { chakra, type HTMLChakraProps } from '@chakra-ui/react';
import { photoUrl } from '../api/photos';
import { useWaiting } from '../api/records';
import { useOwnPhoto, useSent } from '../offline/photos';

/** A photo of a job: as the server has it, or as it waits here, saying how far it is. */
export function Photo({ id, alt, ...rest }: { id: string; alt: string } & HTMLChakraProps<'img'>) {
  const waits = useWaiting().some((one) => one.photo === id);
  const own = useOwnPhoto(id, waits);
  const sent = useSent(id);
  if (!waits) return <chakra.img src={photoUrl(id)} alt={alt} {...rest} />;
  return (
    <chakra.span position="relative" display="inline-block" verticalAlign="middle">
      {own && <chakra.img src={own} alt={alt} opacity="0.6" {...rest} />}
      <chakra.span position="absolute" inset="0" display="grid" placeItems="center" fontSize="13px" fontWeight="600">
        <chakra.span role="status" bg="paper" color="brass" px="1">
          {sent === undefined ? 'waits' : `${Math.round(100 * sent)} %`}
        </chakra.span>
      </chakra.span>
    </chakra.span>
  );
}
