import { Box, chakra, Flex } from '@chakra-ui/react';
import { type FormEvent, useState } from 'react';
import { useAcceptKey, useRevokeKey, useShopKeys } from '../../api/keys';
import type { KeyCard } from '../../api/types';
import { Button } from '../../controls/Button';
import { Input, Labelled } from '../../controls/Field';
import { day } from '../../words/day';

/** By which keys job files of other shops are known, and which one this shop signs with. */
export function Keys() {
  const { data } = useShopKeys();
  const revoke = useRevokeKey();
  if (!data) return null;
  return (
    <Box as="section" aria-label="Job files of other shops">
      <chakra.h2 fontSize="20px">Job files of other shops</chakra.h2>
      <chakra.p color="mute" fontSize="14.5px" mb="2">
        A signed job goes out under the key of this shop. The other shop asks for its fingerprint by telephone:
      </chakra.p>
      <chakra.p fontFamily="heading" fontSize="20px" fontWeight="600" letterSpacing="0.04em" mb="3">
        {data.fingerprint}
      </chakra.p>
      <ul>
        {data.accepted.map((one) => (
          <chakra.li key={one.key} borderBottomWidth="1px" borderColor="line" py="1">
            <Flex align="center" gap="3">
              <Box flex="1">
                <strong>{one.name}</strong>
                <Box color="mute" fontSize="14px">
                  {one.fingerprint}
                  {one.accepted_at && ` · compared ${day(one.accepted_at)} by ${one.by}`}
                </Box>
              </Box>
              <Button
                look="quiet"
                disabled={revoke.isPending}
                onClick={() => one.id !== null && revoke.mutate(one.id)}
                aria-label={`${one.name}: believe it no longer`}
              >
                Believe it no longer
              </Button>
            </Flex>
          </chakra.li>
        ))}
      </ul>
      {data.seen.map((one) => (
        <Compare key={one.key} seen={one} />
      ))}
    </Box>
  );
}

/** A key that came with a job: what the other shop reads out is typed here, and only what is the same is believed. */
function Compare({ seen }: { seen: KeyCard }) {
  const accept = useAcceptKey();
  const [name, setName] = useState(seen.name);
  const [fingerprint, setFingerprint] = useState('');
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (!accept.isPending) accept.mutate({ key: seen.key, name, fingerprint });
  };
  return (
    <Box as="form" onSubmit={submit} mt="3" aria-label={`The key of ${seen.name}`}>
      <chakra.p mb="2">
        {seen.jobs === 1 ? 'A job came' : `${seen.jobs} jobs came`} under a key that says it is of{' '}
        <strong>{seen.name}</strong>. Ring them, and type the fingerprint that they read to you.
      </chakra.p>
      <Flex gap="3" align="end" wrap="wrap">
        <Box flex="1" minW="180px">
          <Labelled label="Shop" fault={accept.error?.about('name')}>
            {(props) => <Input {...props} value={name} onChange={(e) => setName(e.target.value)} />}
          </Labelled>
        </Box>
        <Box flex="1" minW="240px">
          <Labelled label="Fingerprint they read" fault={accept.error?.about('fingerprint') ?? accept.error?.message}>
            {(props) => (
              <Input
                {...props}
                value={fingerprint}
                autoComplete="off"
                placeholder="five groups of four"
                onChange={(e) => setFingerprint(e.target.value)}
              />
            )}
          </Labelled>
        </Box>
        <Button look="plain" type="submit" disabled={accept.isPending}>
          It is theirs
        </Button>
      </Flex>
    </Box>
  );
}
