import type { Ask } from '../api/types';
import { Choices, Tick } from './Choices';
import { PartAsk } from './PartAsk';
import { ReadingField } from './ReadingField';

/** Whatever is asked, entered in the way that fits it. */
export function AskField({ ask }: { ask: Ask }) {
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
