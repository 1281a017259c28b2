import { Box, chakra, Flex } from '@chakra-ui/react';
import { type RefObject, useEffectEvent, useLayoutEffect } from 'react';
import type { Asked } from '../../api/types';
import { Button } from '../../controls/Button';
import { claimKeys } from '../../controls/early';
import { useSay } from '../../words/person';

/** What the box understands, each with a line that shows it. */
export const EXAMPLES: [string, string][] = [
  ['6204 2RS C3', 'a number off the ring'],
  ['62?5', 'a number half of which is rust'],
  ['15x28x7', 'three sizes'],
  ['5/8 x 1 3/8 x 7/16', 'the same in inches'],
  ['35 62 7', 'an oil seal'],
  ['1/4', 'a loose ball'],
  ['LM11949 LM11910', 'a cone and its cup'],
  ['47.02 in 46.98', 'a ring in a bore'],
  ['30 on 30.012', 'a ring on a shaft'],
];

interface Props {
  box: RefObject<HTMLInputElement | null>;
  text: string;
  onType: (text: string) => void;
  readings: Asked['readings'];
  chosen: number;
  onChoose: (index: number) => void;
  fault?: string;
}

/** One line to ask with, and the ways it can be understood. */
export function AskBox({ box, text, onType, readings, chosen, onChoose, fault }: Props) {
  const say = useSay();
  const begin = useEffectEvent(() => {
    box.current?.focus();
    const early = claimKeys();
    if (early) onType(early);
  });
  // Before the next key can come: what was caught must stand in the box when that is typed behind it.
  useLayoutEffect(() => begin(), []);
  return (
    <Box px="6" pt="4" pb="3" borderBottomWidth="1px" borderColor="line">
      <Flex gap="5" align="baseline">
        <chakra.h1 fontSize="26px">Finder</chakra.h1>
        <chakra.p color="mute" fontSize="14px">
          From anywhere: press <chakra.kbd fontWeight="600">/</chakra.kbd>
        </chakra.p>
      </Flex>
      <chakra.input
        ref={box}
        id="ask"
        value={text}
        onChange={(event) => onType(event.target.value)}
        onKeyDown={(event) => {
          if (event.key === 'Escape') event.currentTarget.blur();
          const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
          if (step && readings.length > 1) {
            event.preventDefault();
            onChoose((chosen + step + readings.length) % readings.length);
          }
        }}
        aria-label="Ask: a number, sizes, a ball, a fit"
        aria-invalid={fault ? true : undefined}
        aria-describedby={fault ? 'ask-fault' : undefined}
        placeholder="A number, sizes, a ball, a fit"
        autoComplete="off"
        autoCapitalize="off"
        spellCheck={false}
        mt="2"
        w="100%"
        minH="60px"
        px="4"
        bg="card"
        borderWidth="2px"
        borderStyle="solid"
        borderColor="blue"
        borderRadius="sm"
        fontFamily="heading"
        fontWeight="600"
        fontSize="30px"
        _placeholder={{ color: 'mute', fontWeight: '400' }}
        _invalid={{ borderColor: 'brass' }}
      />
      {fault && (
        <Box id="ask-fault" role="alert" mt="1" fontSize="14px" color="brass">
          {fault}
        </Box>
      )}
      {readings.length > 1 && (
        <Flex mt="2" gap="2" wrap="wrap" role="group" aria-label="Understood as">
          {readings.map((one, i) => (
            <Button
              key={one.calculator + say(one.says)}
              look="answer"
              aria-pressed={i === chosen}
              onClick={() => onChoose(i)}
            >
              {say(one.says)}
            </Button>
          ))}
        </Flex>
      )}
    </Box>
  );
}
