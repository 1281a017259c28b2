import { Box, chakra } from '@chakra-ui/react';
import { useAhead } from '../../api/ahead';
import type { DueCard } from '../../api/types';
import { More } from '../../controls/More';
import { PageHead } from '../../controls/PageHead';
import { Empty, Loading, Trouble } from '../../controls/States';
import { DueLine, TakeBack } from '../../job/DueLine';
import { daysTo } from '../../words/day';

const LATE = 'Late';

const GROUPS: [string, (days: number) => boolean][] = [
  [LATE, (days) => days < 0],
  ['Within a week', (days) => days >= 0 && days <= 7],
  ['Within a month', (days) => days > 7 && days <= 31],
  ['Later', (days) => days > 31],
];

/** What falls due: late first, then by when; what has no day at the end. */
export function Ahead() {
  const dated = useAhead(false);
  const undated = useAhead(true);
  const groups = GROUPS.map(([title, within]): [string, DueCard[]] => [
    title,
    (dated.data ?? []).filter((one) => one.on !== null && within(daysTo(one.on))),
  ]).filter(([, items]) => items.length > 0);
  const late = groups.find(([title]) => title === LATE)?.[1].length ?? 0;
  const allLate = late > 0 && groups.length === 1 && dated.hasNextPage;
  return (
    <Box>
      <PageHead title="Ahead">
        <chakra.span fontSize="17px" color={late > 0 ? 'oxide' : 'mute'} fontWeight={late > 0 ? '600' : '400'}>
          {dated.data && (late > 0 ? `${late}${allLate ? ' and more' : ''} late` : 'Nothing is late')}
        </chakra.span>
      </PageHead>
      {!dated.data &&
        (dated.error ? <Trouble refusal={dated.error} again={dated.refetch} /> : <Loading what="what lies ahead" />)}
      {dated.data?.length === 0 && undated.data?.length === 0 && (
        <Empty title="Nothing falls due">
          What is carried forward when a job is signed comes here, and torques to look at again after the first ride.
        </Empty>
      )}
      <TakeBack />
      {groups.map(([title, items], i) => (
        <Group key={title} title={title} items={items} more={dated.hasNextPage && i === groups.length - 1} />
      ))}
      <More of={dated} />
      <Group title="By meter, or when it comes in" items={undated.data ?? []} more={undated.hasNextPage} />
      <More of={undated} comes />
    </Box>
  );
}

/** Items of one stretch of time; `more` when its last ones are not loaded yet. */
const Group = ({ title, items, more }: { title: string; items: DueCard[]; more: boolean }) =>
  items.length > 0 ? (
    <Box as="section" aria-label={title}>
      <chakra.h2 fontSize="17px" px="6" pt="5" pb="2" color="mute" borderBottomWidth="1px" borderColor="line">
        {title} · {items.length}
        {more && ' and more'}
      </chakra.h2>
      <chakra.ul listStyleType="none">
        {items.map((item) => (
          <DueLine key={item.id} item={item} />
        ))}
      </chakra.ul>
    </Box>
  ) : null;
