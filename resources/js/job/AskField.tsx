import type { Ask } from '../api/types';
import { JobProvider, useBench } from './bench';
import { Choices, Tick } from './Choices';
import { PartAsk } from './PartAsk';
import { ReadingField } from './ReadingField';
import { RunOutField } from './sound/RunOutField';
import { SoundField } from './sound/SoundField';

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

/** A recording, with all that the bench knows of the job. */
function Recorded({ ask }: { ask: Ask }) {
  const { job, entries, closed, refused, keep } = useBench();
  return (
    <SoundField
      job={job}
      ask={ask}
      entries={entries}
      closed={closed}
      refused={refused.get(ask.place)?.detail}
      keep={keep}
    />
  );
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
    case 'sound':
      return <Recorded ask={ask} />;
    case 'taps':
      return <RunOutField ask={ask} />;
    case 'photos':
    case 'stack':
    case 'cone_try':
      return null;
    default:
      return <ReadingField ask={ask} />;
  }
}
