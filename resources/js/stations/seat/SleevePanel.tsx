import { chakra, Flex } from '@chakra-ui/react';
import type { Step } from '../../api/types';
import { AnswersPanel } from '../../job/AnswersPanel';

/** The address of a drawing of the sleeve to make, from the figures of its verdict. */
function drawingOf(step: Step, form: 'svg' | 'dxf'): string | null {
  const made = step.verdicts.find((one) => one.kind === 'piece_to_make');
  const size = (name: string): string => String(made?.figures.find((one) => one.name === name)?.quantity.value ?? '');
  if (!made) return null;
  const sizes = {
    title: 'Spacer tube',
    outside: size('outside_most'),
    bore: size('bore_least'),
    bore_to: size('bore_most'),
    length: size('length'),
  };
  return `/files/turned-piece.${form}?${new URLSearchParams(sizes)}`;
}

/** The sleeve in and seen; and where the span is known, the sleeve as it would have to be made. */
export function SleevePanel({ step }: { step: Step }) {
  const [svg, dxf] = [drawingOf(step, 'svg'), drawingOf(step, 'dxf')];
  return (
    <Flex direction="column" gap="4">
      <AnswersPanel step={step} />
      {svg && dxf && (
        <chakra.p fontSize="14px">
          Missing, short or burred: a new one, drawn with its sizes.{' '}
          <chakra.a color="blue" fontWeight="600" href={svg}>
            SVG
          </chakra.a>{' '}
          ·{' '}
          <chakra.a color="blue" fontWeight="600" href={dxf}>
            DXF
          </chakra.a>
        </chakra.p>
      )}
    </Flex>
  );
}
