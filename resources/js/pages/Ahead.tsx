import { Box, chakra } from '@chakra-ui/react';
import { useAhead } from '../api/ahead';
import type { DueCard } from '../api/types';
import { Button } from '../parts/Button';
import { DueLine, daysTo } from '../parts/DueLine';
import { PageHead } from '../parts/PageHead';
import { Empty, Loading, Trouble } from '../parts/States';

const GROUPS: [string, (days: number) => boolean][] = [
  ['Late', (days) => days < 0],
  ['Within a week', (days) => days >= 0 && days <= 7],
  ['Within a month', (days) => days > 7 && days <= 31],
  ['Later', (days) => days > 31],
];

/** What falls due: late first, then by when; what has no day at the end. */
export function Ahead() {
  const dated = useAhead(false);
  const undated = useAhead(true);
  const late = (dated.data ?? []).filter((one) => one.on !== null && daysTo(one.on) < 0).length;
  return (
    <Box>
      <PageHead title="Ahead">
        <chakra.span fontSize="17px" color={late > 0 ? 'oxide' : 'mute'} fontWeight={late > 0 ? '600' : '400'}>
          {dated.data && (late > 0 ? `${late} late` : 'Nothing is late')}
        </chakra.span>
      </PageHead>
      {!dated.data &&
        (dated.error ? <Trouble refusal={dated.error} again={dated.refetch} /> : <Loading what="what lies ahead" />)}
      {dated.data?.length === 0 && undated.data?.length === 0 && (
        <Empty title="Nothing falls due">
          What is carried forward when a job is signed comes here, and torques to look at again after the first ride.
        </Empty>
      )}
      {GROUPS.map(([title, within]) => (
        <Group
          key={title}
          title={title}
          items={(dated.data ?? []).filter((one) => one.on !== null && within(daysTo(one.on)))}
        />
      ))}
      {dated.hasNextPage && (
        <Button look="plain" m="6" onClick={() => dated.fetchNextPage()}>
          More
        </Button>
      )}
      <Group title="By meter, or when it comes in" items={undated.data ?? []} />
    </Box>
  );
}

const Group = ({ title, items }: { title: string; items: DueCard[] }) =>
  items.length > 0 ? (
    <Box as="section" aria-label={title}>
      <chakra.h2 fontSize="17px" px="6" pt="5" pb="2" color="mute" borderBottomWidth="1px" borderColor="line">
        {title} · {items.length}
      </chakra.h2>
      <chakra.ul listStyleType="none">
        {items.map((item) => (
          <DueLine key={item.id} item={item} />
        ))}
      </chakra.ul>
    </Box>
  ) : null;
