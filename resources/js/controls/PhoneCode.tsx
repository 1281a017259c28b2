import { Box, chakra, Flex } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import { ink } from '../theme/system';
import { usePerson } from '../words/person';

/** Whether only this machine itself is reached under that name. */
const isLoopback = (host: string): boolean => host === 'localhost' || host === '[::1]' || /^127\./.test(host);

/** Where a phone reaches this shop: under the address the server was started with, or the one this page came from. */
const reached = (server: string): string =>
  isLoopback(new URL(server).hostname) ? window.location.origin : new URL(server).origin;

/** A code that opens a page of this shop on a phone: same address, same sign-in. */
export function PhoneCode({ path, label, note }: { path: string; label: string; note?: string }) {
  const { address: server } = usePerson();
  const address = `${reached(server)}${path}`;
  const unreached = isLoopback(new URL(address).hostname);
  const [squares, setSquares] = useState<{ size: number; path: string } | null>(null);
  useEffect(() => {
    let live = true;
    import('qrcode').then(({ create }) => {
      const { modules } = create(address, { errorCorrectionLevel: 'M' });
      const rows: string[] = [];
      for (let y = 0; y < modules.size; y++) {
        for (let x = 0; x < modules.size; x++) {
          if (modules.get(y, x)) rows.push(`M${x} ${y}h1v1h-1z`);
        }
      }
      if (live) setSquares({ size: modules.size, path: rows.join('') });
    });
    return () => {
      live = false;
    };
  }, [address]);
  return (
    <Flex gap="4" align="center" flexBasis="100%" mt="1">
      {squares && (
        <chakra.svg
          role="img"
          aria-label={`Code that opens ${label}`}
          viewBox={`-3 -3 ${squares.size + 6} ${squares.size + 6}`}
          w="132px"
          h="132px"
          flexShrink={0}
          shapeRendering="crispEdges"
          borderRadius="sm"
        >
          <rect x="-3" y="-3" width={squares.size + 6} height={squares.size + 6} fill={ink('codeGround')} />
          <path d={squares.path} fill={ink('codeInk')} />
        </chakra.svg>
      )}
      <Box fontSize="14px">
        {note ?? "Point the phone's camera at it. It asks for your sign-in once, then takes photos of this part."}
        <chakra.span display="block" color="mute" wordBreak="break-all">
          {address}
        </chakra.span>
        {unreached && (
          <chakra.span display="block" color="brass" fontWeight="600">
            Only this machine reaches that. For tablets and phones start with ./start --lan.
          </chakra.span>
        )}
      </Box>
    </Flex>
  );
}
