import { chakra, Flex, Grid } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import type { Step } from '../../api/types';
import { AnswersPanel } from '../../job/AnswersPanel';
import { type JobBench, useBench } from '../../job/bench';
import { useUnits } from '../../words/person';
import { length } from '../../words/say';
import { AxleEndsPicture } from './AxleEndsPicture';
import { CastleNut } from './CastleNut';
import { FloatPicture } from './FloatPicture';
import { ForkPicture } from './ForkPicture';

const Beside = ({ picture, step }: { picture: ReactNode; step: Step }) => (
  <Flex direction="column" gap="4">
    {picture}
    <AnswersPanel step={step} fieldsFirst />
  </Flex>
);

/** A castle nut: where the pin may go, and what end play that leaves. */
export function TaperPanel({ step }: { step: Step }) {
  const bench = useBench();
  const units = useUnits();
  const nut = bench.report.set.taper;
  const slots = bench.entries.get('set.taper.slots')?.value?.count;
  return (
    <Beside
      step={step}
      picture={
        nut &&
        nut.reachable.length > 0 && (
          <CastleNut
            slots={typeof slots === 'number' ? slots : 6}
            reachable={nut.reachable}
            chosen={nut.chosen}
            text={(mm) => length(mm, units, 3)}
          />
        )
      }
    />
  );
}

const mmAt = (bench: JobBench, place: string): number => {
  const mm = bench.entries.get(place)?.value?.mm;
  return typeof mm === 'number' ? mm : 0;
};

/** Both ends of the axle, as they stand and as they should. */
export function AxleEndsPanel({ step }: { step: Step }) {
  const bench = useBench();
  const units = useUnits();
  const ends = bench.report.set.axle_ends;
  const dropout = mmAt(bench, 'set.ends.dropout');
  return (
    <Beside
      step={step}
      picture={
        ends && (
          <AxleEndsPicture
            left={ends.want_left_mm + ends.move_mm}
            right={ends.want_right_mm - ends.move_mm}
            wantLeft={ends.want_left_mm}
            wantRight={ends.want_right_mm}
            dropout={dropout > 0 ? dropout : null}
            text={(mm) => length(mm, units, 1)}
          />
        )
      }
    />
  );
}

/** What stands on a plain axle, and the float that is left. */
export function FloatPanel({ step }: { step: Step }) {
  const bench = useBench();
  const units = useUnits();
  const float = bench.report.set.float;
  const [wheel, washers] = [mmAt(bench, 'set.float.wheel'), mmAt(bench, 'set.float.washers')];
  return (
    <Beside
      step={step}
      picture={
        float &&
        wheel > 0 && (
          <FloatPicture
            space={float.float_mm + wheel + washers}
            wheel={wheel}
            washers={washers}
            float={float.float_mm}
            ok={float.verdict.level === 'go'}
            text={(mm) => length(mm, units, 2)}
          />
        )
      }
    />
  );
}

/** Wheel in its fork: the rim in the middle. */
export function CentrePanel({ step }: { step: Step }) {
  const bench = useBench();
  const units = useUnits();
  const centre = bench.report.set.centre;
  return (
    <Beside
      step={step}
      picture={
        centre && (
          <Grid templateColumns={{ base: '1fr', sm: '340px 1fr' }} gap="4" alignItems="center">
            <ForkPicture
              offset={centre.rim_offset_mm}
              left={centre.spacer_left_mm}
              right={centre.spacer_right_mm}
              text={(mm) => length(mm, units, 1)}
            />
            <Stack left={centre.stack_left} right={centre.stack_right} />
          </Grid>
        )
      }
    />
  );
}

const Stack = ({ left, right }: { left: string[]; right: string[] }) =>
  left.length + right.length > 0 ? (
    <chakra.p fontSize="14.5px">
      Washers from the tool wall: left {left.join(' + ') || 'none'}; right {right.join(' + ') || 'none'}.
    </chakra.p>
  ) : null;
