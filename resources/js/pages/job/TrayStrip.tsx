import { Box, chakra, Flex } from '@chakra-ui/react';
import type { TrayItem } from '../../api/types';
import { Photo } from '../../job/Photo';
import { useSay } from '../../words/person';

const CONDITIONS: Record<string, string> = { use: 'use', note: 'look again', replace: 'replace' };
const GONE: Record<string, string> = { scrapped: 'scrapped', stays: 'left in place' };

/** The tray below the axle line: parts lie as on the axle, left to right, each with the number in which it came off. */
export function TrayStrip({ items, lit }: { items: TrayItem[]; lit: string | null }) {
  const say = useSay();
  const laid = items.filter((item) => ['on_tray', 'scrapped', 'stays'].includes(item.state));
  return (
    <Flex
      as="section"
      aria-label="Tray"
      tabIndex={0}
      align="center"
      gap="2"
      px="4"
      minH="44px"
      borderTopWidth="1px"
      borderColor="line"
      overflowX="auto"
      bg="paper"
    >
      <chakra.span color="mute" fontFamily="heading" fontWeight="600" fontSize="14px" flexShrink={0}>
        Tray
      </chakra.span>
      {laid.length === 0 && (
        <chakra.span color="mute" fontSize="14px">
          empty
        </chakra.span>
      )}
      {laid.map((item) => (
        <Box
          key={item.part}
          flexShrink={0}
          px="2.5"
          py="1"
          bg="card"
          opacity={item.state === 'on_tray' ? 1 : 0.65}
          borderWidth={lit === item.part ? '2px' : '1px'}
          borderStyle={item.state === 'on_tray' ? 'solid' : 'dashed'}
          borderColor={lit === item.part ? 'blue' : 'line'}
          borderRadius="sm"
          fontSize="13.5px"
          title={[item.way_round && say(item.way_round), ...item.findings.map(say), item.note, item.reason]
            .filter(Boolean)
            .join('; ')}
        >
          {item.order !== null && (
            <chakra.span color="mute" mr="1.5">
              {item.order}
            </chakra.span>
          )}
          <chakra.span fontWeight="500">{say(item.name)}</chakra.span>
          {GONE[item.state] ? (
            <chakra.span color="mute" ml="1.5">
              {GONE[item.state]}
            </chakra.span>
          ) : (
            item.condition &&
            item.condition !== 'use' && (
              <chakra.span color={item.condition === 'replace' ? 'oxide' : 'brass'} ml="1.5">
                {CONDITIONS[item.condition]}
              </chakra.span>
            )
          )}
          {item.photos.map((photo) => (
            <Photo
              key={photo}
              id={photo}
              alt=""
              display="inline"
              h="22px"
              ml="1.5"
              verticalAlign="middle"
              borderRadius="sm"
            />
          ))}
        </Box>
      ))}
    </Flex>
  );
}
