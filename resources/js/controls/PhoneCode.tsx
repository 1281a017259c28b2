import { Box, chakra, Flex } from '@chakra-ui/react';
import { usePerson } from '../words/person';
import { Squares } from './Squares';

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
  return (
    <Flex gap="4" align="center" flexBasis="100%" mt="1">
      <Squares text={address} label={`Code that opens ${label}`} />
      <Box fontSize="14px">
        {note ?? "Point the phone's camera at it. It asks for your sign-in once, then takes photos of this part."}
        <chakra.span display="block" color="mute" wordBreak="break-all">
          {address}
        </chakra.span>
        {unreached && (
          <chakra.span display="block" color="brass" fontWeight="600" className="screen-only">
            Only this machine reaches that. For tablets and phones start with ./start --lan.
          </chakra.span>
        )}
      </Box>
    </Flex>
  );
}
