import type { Role } from '../../api/people';

/** Roles, with what each may do. */
export const ROLES: [Role, string, string][] = [
  ['mechanic', 'Mechanic', 'works on jobs and signs them'],
  ['apprentice', 'Apprentice', 'works on jobs; signs none, buys nothing'],
  ['counter', 'Counter', 'opens jobs, quotes, orders, tells the customer; takes no readings'],
  ['owner', 'Owner', 'all of it, and who works here'],
];

export const roleName = (role: Role): string => ROLES.find(([one]) => one === role)?.[1] ?? role;
