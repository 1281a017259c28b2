import { Box, chakra, Flex } from '@chakra-ui/react';
import type { Step } from '../../api/types';
import { AskField } from '../../parts/AskField';
import { useBench } from '../../parts/bench';

/** What to buy, in the words a counter understands. */
export function BuyingListPanel({ step }: { step: Step }) {
  const { report } = useBench();
  return (
    <Flex direction="column" gap="3">
      <chakra.ol>
        {report.to_buy.map((line) => (
          <chakra.li
            key={line.what}
            display="grid"
            gridTemplateColumns="44px 1fr"
            alignItems="baseline"
            py="2"
            borderBottomWidth="1px"
            borderColor="line"
          >
            <chakra.span fontFamily="heading" fontWeight="600" fontSize="26px" color="blue">
              {line.quantity}×
            </chakra.span>
            <Box>
              <chakra.span fontFamily="heading" fontWeight="600" fontSize="19px">
                {line.ask_for}
              </chakra.span>
              <Box color="mute" fontSize="14px">
                {line.what}
                {line.note && `. ${line.note}`}
              </Box>
            </Box>
          </chakra.li>
        ))}
      </chakra.ol>
      {step.asks.map((ask) => (
        <AskField key={ask.place} ask={ask} />
      ))}
    </Flex>
  );
}
