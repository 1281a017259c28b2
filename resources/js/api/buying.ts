import { useInfiniteQuery, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answer, api, asForm, Refusal } from './client';
import { type Far, finished, isErrand } from './errands';
import { newId } from './ids';
import type { OrderSheet, PriceListSheet, ShelfCard, ShoppingSheet, SupplierCard } from './types';

interface Page<T> {
  data: T[];
  next_cursor: string | null;
}

const shoppingKey = (job: number) => ['shopping', job] as const;

/** What a job needs, what is on the shelf and on its way, and the two ways to buy the rest. `version` changes with the list. */
export const useShopping = (job: number, version: string) =>
  useQuery<ShoppingSheet, Refusal>({
    queryKey: [...shoppingKey(job), version],
    queryFn: () => answer(api.GET('/jobs/{job}/shopping', { params: { path: { job } } })),
    placeholderData: (before) => before,
  });

export const usePlaceOrders = (job: number) => {
  const client = useQueryClient();
  return useMutation<OrderSheet[], Refusal, 'cheapest' | 'soonest'>({
    mutationFn: async (way) =>
      (await answer(api.POST('/jobs/{job}/orders', { params: { path: { job } }, body: { way } }))).data,
    onSettled: () => client.invalidateQueries({ queryKey: shoppingKey(job) }),
    onSuccess: () => client.invalidateQueries({ queryKey: ['orders'] }),
  });
};

export const useSuppliers = () =>
  useQuery<SupplierCard[], Refusal>({
    queryKey: ['suppliers'],
    queryFn: async () => (await answer(api.GET('/suppliers'))).data,
  });

export interface NewSupplier {
  name: string;
  carriage: string;
  days: number;
  restock_days: number | null;
}

export const useAddSupplier = () => {
  const client = useQueryClient();
  return useMutation<SupplierCard, Refusal, NewSupplier>({
    mutationFn: (body) => answer(api.POST('/suppliers', { body })),
    onSuccess: () => client.invalidateQueries({ queryKey: ['suppliers'] }),
  });
};

/** Reads a price list to look at it, or takes it. Columns are told by their place in the file, from 0. */
export const usePriceList = (supplier: number, far: (far: Far) => void) => {
  const client = useQueryClient();
  return useMutation<PriceListSheet, Refusal, { file: File; columns: Record<string, number>; keep: boolean }>({
    mutationFn: async ({ file, columns, keep }) => {
      const places = Object.fromEntries(Object.entries(columns).map(([name, place]) => [`column_${name}`, place]));
      const said = await answer(
        api.POST('/suppliers/{supplier}/prices', {
          params: { path: { supplier } },
          body: { list: file, keep, id: newId(), ...places },
          bodySerializer: asForm,
        }),
      );
      if (!isErrand(said)) return said;
      const { prices } = await finished(said, far);
      if (!prices) throw Refusal.unreachable();
      return prices;
    },
    meta: { says: 'The price list is being read' },
    onSuccess: (sheet) => {
      if (sheet.kept) return client.invalidateQueries({ queryKey: ['suppliers'] });
    },
  });
};

export const useOrders = () =>
  useInfiniteQuery<Page<OrderSheet>, Refusal, OrderSheet[], readonly unknown[], string | undefined>({
    queryKey: ['orders'],
    queryFn: ({ pageParam }) => answer(api.GET('/orders', { params: { query: { cursor: pageParam } } })),
    initialPageParam: undefined,
    getNextPageParam: (page) => page.next_cursor ?? undefined,
    select: (pages) => pages.pages.flatMap((page) => page.data),
  });

/** Books in what came: how many of each line are here now. */
export const useReceive = (order: number) => {
  const client = useQueryClient();
  return useMutation<OrderSheet, Refusal, { id: number; received: number }[]>({
    mutationFn: (lines) =>
      answer(api.POST('/orders/{order}/received', { params: { path: { order } }, body: { lines } })),
    onSuccess: () => client.invalidateQueries({ queryKey: ['orders'] }),
  });
};

export const useShelf = () =>
  useInfiniteQuery<Page<ShelfCard>, Refusal, ShelfCard[], readonly unknown[], string | undefined>({
    queryKey: ['shelf'],
    queryFn: ({ pageParam }) => answer(api.GET('/shelf', { params: { query: { cursor: pageParam } } })),
    initialPageParam: undefined,
    getNextPageParam: (page) => page.next_cursor ?? undefined,
    select: (pages) => pages.pages.flatMap((page) => page.data),
  });

/** Says how many of an article lie on the shelf. */
export const useCount = () => {
  const client = useQueryClient();
  return useMutation<ShelfCard, Refusal, { article: string; count: number }>({
    mutationFn: (body) => answer(api.POST('/shelf', { body })),
    onSuccess: () => client.invalidateQueries({ queryKey: ['shelf'] }),
  });
};

export const useTake = (job: number) => {
  const client = useQueryClient();
  return useMutation<ShelfCard, Refusal, { item: number; pieces: number }>({
    mutationFn: ({ item, pieces }) =>
      answer(api.POST('/shelf/{item}/taken', { params: { path: { item } }, body: { pieces } })),
    onSettled: () => client.invalidateQueries({ queryKey: shoppingKey(job) }),
  });
};
