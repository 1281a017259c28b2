import type { Ask } from '../api/types';
import { JobProvider, useBench } from './bench';
import { Choices, Tick } from './Choices';
import { PartAsk } from './PartAsk';
import { ReadingField } from './ReadingField';

/** What is said at the counter is entered there too, by whoever takes no readings. */
const AT_THE_COUNTER = ['complaint', 'customer_asked', 'customer_answer'];

/** Whatever is asked, entered in the way that fits it. */
export function AskField({ ask }: { ask: Ask }) {
  const bench = useBench();
  if (bench.closed && !bench.over && AT_THE_COUNTER.includes(ask.role)) {
    return (
      <JobProvider value={{ ...bench, closed: false }}>
        <Entered ask={ask} />
      </JobProvider>
    );
  }
  return <Entered ask={ask} />;
}

function Entered({ ask }: { ask: Ask }) {
  switch (ask.kind) {
    case 'choice':
    case 'choices':
      return <Choices ask={ask} />;
    case 'tick':
      return <Tick ask={ask} />;
    case 'part':
      return <PartAsk ask={ask} />;
    case 'photos':
    case 'stack':
    case 'cone_try':
      return null;
    default:
      return <ReadingField ask={ask} />;
  }
}
