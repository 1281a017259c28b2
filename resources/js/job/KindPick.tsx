import { Box, chakra, Flex, Grid } from '@chakra-ui/react';
import { useId, useState } from 'react';
import { usePatterns } from '../api/jobs';
import { Button } from '../controls/Button';
import { HubPicture } from '../drawing/HubPicture';
import { visuallyHidden } from '../theme/hidden';
import { useSay } from '../words/person';

const PICTURE = { width: 168, height: 92 };

interface Props {
  /** The id of a kind; empty while none is chosen. */
  chosen: string;
  onChoose: (kind: string) => void;
  label?: string;
  /** Leaves out "not sure yet". */
  sureOnly?: boolean;
  fault?: string;
}

/** How a hub is built, chosen by its half-section and by where such hubs are met. */
export function KindPick({ chosen, onChoose, label = 'How its hub is built', sureOnly = false, fault }: Props) {
  const say = useSay();
  const { data: all = [] } = usePatterns();
  const kinds = sureOnly ? all.filter((one) => one.sure) : all;
  const [open, setOpen] = useState(chosen === '');
  const name = useId();
  const kind = kinds.find((one) => one.id === chosen);
  const take = (id: string) => {
    onChoose(id);
    setOpen(false);
  };
  return (
    <Box as="fieldset" aria-describedby={fault ? `${name}-fault` : undefined}>
      <chakra.legend fontSize="14px" color="mute" mb="1">
        {label}
      </chakra.legend>
      {kind && !open ? (
        <Flex gap="4" align="center" borderWidth="1px" borderColor="line" bg="card" borderRadius="sm" px="3" py="2">
          <HubPicture section={kind.section} {...PICTURE} />
          <Box flex="1" minW="0">
            <chakra.span fontFamily="heading" fontWeight="600" fontSize="17px" display="block">
              {say(kind.name)}
            </chakra.span>
            <chakra.span color="mute" fontSize="14px">
              {say(kind.met_on)}
            </chakra.span>
          </Box>
          <Button look="quiet" onClick={() => setOpen(true)}>
            Another
          </Button>
        </Flex>
      ) : (
        <Grid templateColumns="repeat(auto-fill, minmax(180px, 1fr))" gap="2">
          {kinds.map((one) => (
            <chakra.label
              key={one.id}
              data-kind={one.id}
              // An arrow key looks through the kinds, and is a click without a finger; a tap takes one.
              onClick={(event) => event.detail > 0 && take(one.id)}
              display="flex"
              flexDirection="column"
              px="2"
              py="2"
              bg={one.id === chosen ? 'wash' : 'card'}
              borderWidth="2px"
              borderColor={one.id === chosen ? 'blue' : 'line'}
              borderRadius="sm"
              cursor="pointer"
              _hover={{ borderColor: 'blue' }}
              _focusWithin={{ outline: '3px solid', outlineColor: 'blue', outlineOffset: '1px' }}
            >
              <input
                type="radio"
                name={name}
                value={one.id}
                checked={one.id === chosen}
                style={visuallyHidden}
                onChange={() => onChoose(one.id)}
                onKeyDown={(event) => {
                  if (event.key !== 'Enter' && event.key !== ' ') return;
                  event.preventDefault();
                  take(one.id);
                }}
              />
              <HubPicture section={one.section} {...PICTURE} />
              <chakra.span fontFamily="heading" fontWeight="600" fontSize="15.5px" lineHeight="1.2" mt="1">
                {say(one.name)}
              </chakra.span>
              <chakra.span color="mute" fontSize="13px" lineHeight="1.3">
                {say(one.met_on)}
              </chakra.span>
            </chakra.label>
          ))}
        </Grid>
      )}
      {fault && (
        <Box id={`${name}-fault`} role="alert" fontSize="14px" color="oxide" mt="1">
          {fault}
        </Box>
      )}
    </Box>
  );
}
