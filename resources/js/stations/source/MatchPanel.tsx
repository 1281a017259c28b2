import { chakra, Flex } from '@chakra-ui/react';
import type { Step } from '../../api/types';
import { Button } from '../../controls/Button';
import { LevelMark } from '../../controls/LevelMark';
import { AnswersPanel } from '../../job/AnswersPanel';
import { askOf, textAt, useBench } from '../../job/bench';
import { useSay } from '../../words/person';

/** Old beside new: what matters, line by line. */
export function MatchPanel({ step }: { step: Step }) {
  const say = useSay();
  const bench = useBench();
  const number = step.asks.find((one) => one.role === 'number');
  const side = number?.seat;
  const compared =
    side === 'left'
      ? bench.report.match_left
      : side === 'right'
        ? bench.report.match_right
        : (bench.report.matches.find((one) => one.part === step.part)?.compared ?? []);
  const other = textAt(bench.entries, askOf(bench.report, 'source', 'number', 'left')?.place, 'text');
  return (
    <Flex direction="column" gap="3">
      {side === 'right' && other && !textAt(bench.entries, number?.place, 'text') && (
        <Button look="plain" alignSelf="start" onClick={() => number && bench.keep(number.place, { text: other })}>
          Same as the first: {other}
        </Button>
      )}
      <AnswersPanel step={step} />
      {compared.length > 0 && (
        <chakra.table
          w="100%"
          fontSize="15px"
          css={{
            '& td, & th': {
              padding: '5px 8px 5px 0',
              borderBottom: '1px solid',
              borderColor: 'line',
              textAlign: 'left',
            },
          }}
        >
          <thead>
            <tr>
              <th scope="col"> </th>
              <th scope="col">Old</th>
              <th scope="col">New</th>
              <th scope="col"> </th>
            </tr>
          </thead>
          <tbody>
            {compared.map((line) => (
              <tr key={say(line.what)}>
                <chakra.td color="mute">{say(line.what)}</chakra.td>
                <chakra.td fontFamily="heading" fontWeight="600" fontSize="17px">
                  {say(line.old)}
                </chakra.td>
                <chakra.td fontFamily="heading" fontWeight="600" fontSize="17px">
                  {say(line.new)}
                </chakra.td>
                <td>
                  <LevelMark level={line.level} size={18} />
                </td>
              </tr>
            ))}
          </tbody>
        </chakra.table>
      )}
    </Flex>
  );
}
