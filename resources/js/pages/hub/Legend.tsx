import { chakra, Flex } from '@chakra-ui/react';
import type { Outline, Section } from '../../api/types';
import { Swatch } from '../../drawing/Parts';

const NAMES: [Outline['hatch'], string][] = [
  ['alloy', 'housing'],
  ['ring', 'bearing rings'],
  ['steel', 'steel parts'],
  ['shaft', 'axle, not cut'],
  ['rubber', 'rubber'],
  ['felt', 'felt'],
  ['bronze', 'bronze'],
];

/** What the hatches mean, those that this hub has. */
export function Legend({ section }: { section: Section }) {
  const used = new Set(section.pieces.flatMap((piece) => piece.outlines.map((outline) => outline.hatch)));
  return (
    <Flex as="ul" aria-label="Legend" gap="3" wrap="wrap" fontSize="13.5px" color="mute" ml="2">
      {NAMES.filter(([hatch]) => used.has(hatch)).map(([hatch, name]) => (
        <Flex as="li" key={hatch} align="center" gap="1.5">
          <Swatch hatch={hatch} />
          <chakra.span>{name}</chakra.span>
        </Flex>
      ))}
    </Flex>
  );
}
