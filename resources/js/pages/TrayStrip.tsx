import { Box, chakra, Flex } from '@chakra-ui/react';
import { photoUrl } from '../api/photos';
import type { TrayItem } from '../api/types';

const CONDITIONS: Record<string, string> = { use: 'use', note: 'use, look again', replace: 'replace' };

/** The tray below the axle line: parts in the order in which they came off. */
export function TrayStrip({ items, lit }: { items: TrayItem[]; lit: string | null }) {
  const laid = items.filter((item) => item.state === 'on_tray').sort((a, b) => (a.order ?? 0) - (b.order ?? 0));
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
      {laid.map((item, i) => (
        <Box
          key={item.part}
          flexShrink={0}
          px="2.5"
          py="1"
          bg="card"
          borderWidth={lit === item.part ? '2px' : '1px'}
          borderColor={lit === item.part ? 'blue' : 'line'}
          borderRadius="sm"
          fontSize="13.5px"
          title={[item.way_round, item.condition && CONDITIONS[item.condition]].filter(Boolean).join('; ')}
        >
          <chakra.span color="mute" mr="1.5">
            {i + 1}
          </chakra.span>
          <chakra.span fontWeight="500">{item.name}</chakra.span>
          {item.condition && item.condition !== 'use' && (
            <chakra.span color={item.condition === 'replace' ? 'oxide' : 'brass'} ml="1.5">
              {CONDITIONS[item.condition]}
            </chakra.span>
          )}
          {item.photo && (
            <chakra.img
              src={photoUrl(item.photo)}
              alt=""
              display="inline"
              h="22px"
              ml="1.5"
              verticalAlign="middle"
              borderRadius="sm"
            />
          )}
        </Box>
      ))}
    </Flex>
  );
}
