import { chakra, Flex } from '@chakra-ui/react';
import { useShopping } from '../../api/buying';
import { useAssembly } from '../../api/shop';
import type { Step } from '../../api/types';
import { AnswersPanel } from '../../job/AnswersPanel';
import { textAt, useBench } from '../../job/bench';
import { VerdictCard } from '../../job/VerdictCard';
import { usePerson } from '../../words/person';
import { money } from '../../words/say';
import { PricesHidden } from './PricesHidden';

/** Of a hundred such hubs, how many turn out worn. */
const RISKS: Record<string, number> = { hardly: 5, may_be: 15, likely: 40 };

/** Parts and bench time against the whole assembly, both in money, and where they meet. */
export function AssemblyPanel({ step }: { step: Step }) {
  const { prices } = usePerson();
  const { job, report, entries } = useBench();
  const { data: sheet } = useShopping(job.id, JSON.stringify(report.to_buy));
  const said = (role: string, key: string) => textAt(entries, step.asks.find((one) => one.role === role)?.place, key);
  const price = said('assembly_price', 'text');
  const minutes = said('assembly_minutes', 'text');
  const risk = said('assembly_risk', 'choice');
  const input = {
    parts: money(sheet?.cheapest.total_minor ?? 0, ''),
    minutes: sheet?.minutes ?? 0,
    assembly: price ?? '',
    assembly_minutes: minutes ?? '0',
    hour: money(sheet?.hour_minor ?? 0, ''),
    ...(risk ? { risk: RISKS[risk] } : {}),
  };
  const { data, error } = useAssembly(input, Boolean(price && sheet));
  if (!prices) return <PricesHidden />;
  return (
    <Flex direction="column" gap="4">
      {sheet && (
        <chakra.p>
          Bearings and what goes with them cost <strong>{money(sheet.cheapest.total_minor, sheet.currency)}</strong> the
          cheapest way; the plan of this job asks for {sheet.minutes} minutes of hands at{' '}
          {money(sheet.hour_minor, sheet.currency)} an hour.
        </chakra.p>
      )}
      <AnswersPanel step={step} />
      {error && price && (
        <chakra.p role="alert" color="oxide" fontSize="14px">
          {error.message}
        </chakra.p>
      )}
      {data && !error && price && <VerdictCard verdict={data.verdict} main />}
    </Flex>
  );
}
