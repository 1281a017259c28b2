import type { QueryClient, QueryKey, Updater } from '@tanstack/react-query';

/** What a change answered stands: what is still being fetched was read before it, and is dropped. */
export async function stands<T>(client: QueryClient, queryKey: QueryKey, value: T | ((before?: T) => T | undefined)) {
  await client.cancelQueries({ queryKey, exact: true });
  client.setQueryData<T>(queryKey, value as Updater<T | undefined, T | undefined>);
}
