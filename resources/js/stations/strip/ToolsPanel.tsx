import { Box, chakra, Flex } from '@chakra-ui/react';
import type { Step } from '../../api/types';
import { LevelMark } from '../../controls/LevelMark';
import { AnswersPanel } from '../../job/AnswersPanel';
import { useBench } from '../../job/bench';
import { useSay } from '../../words/person';

/** What the plan needs: what hangs here, what can stand in for what does not, and the step that fails without. */
export function ToolsPanel({ step }: { step: Step }) {
  const say = useSay();
  const { report } = useBench();
  return (
    <Flex direction="column" gap="4">
      <Box as="ul">
        {report.tools.map((line) => (
          <chakra.li
            key={say(line.tool) + (line.size ? say(line.size) : '') + line.step_id}
            display="grid"
            gridTemplateColumns="26px minmax(150px, 1fr) 2fr"
            gap="2"
            py="2"
            borderBottomWidth="1px"
            borderColor="line"
          >
            <LevelMark level={line.have === null ? 'care' : 'go'} />
            <span>
              <chakra.span fontWeight="600">{say(line.tool)}</chakra.span>
              {line.size && (
                <chakra.span color="mute" display="block" fontSize="14px">
                  {say(line.size)}
                </chakra.span>
              )}
            </span>
            <chakra.span fontSize="14.5px">
              {line.have ?? (line.stand_in ? `Stand-in: ${say(line.stand_in)}.` : 'Nothing stands in: get it first.')}
              <chakra.span color="mute" display="block" fontSize="14px">
                for: {say(line.step)}
              </chakra.span>
            </chakra.span>
          </chakra.li>
        ))}
      </Box>
      <AnswersPanel step={step} />
    </Flex>
  );
}
