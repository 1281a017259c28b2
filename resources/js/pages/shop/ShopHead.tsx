import { TabHead } from '../../controls/TabHead';
import { usePerson } from '../../words/person';

/** The head over what belongs to the shop: itself, its people, and what the owner can read afterwards. */
export function ShopHead() {
  const { shop, role, alone } = usePerson();
  const tabs: [string, string][] = [
    ['/shop', 'Shop'],
    ['/people', alone ? 'You' : 'People'],
  ];
  if (role === 'owner') tabs.push(['/log', 'Log']);
  return <TabHead title={shop} tabs={tabs} />;
}
