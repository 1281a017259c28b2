import { useInfiniteQuery, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answer, api, asForm, type Refusal } from './client';
import { withHeld } from './held';
import { FOUND } from './jobs';
import { outOfDate } from './outOfDate';
import type { paths } from './schema.generated';
import { stands } from './stands';
import type {
  Asked,
  Assembly,
  BearingNumber,
  CalculatorCard,
  MachineCard,
  MachineHistory,
  MachineLine,
  MachineListSheet,
  NextTool,
  ShopSheet,
  ToolCard,
  ToolListSheet,
} from './types';

interface Page<T> {
  data: T[];
  next_cursor: string | null;
}

/** Machines by name; with words, those that match them. */
export const useMachines = (find = '') =>
  useInfiniteQuery<Page<MachineLine>, Refusal, MachineLine[], readonly unknown[], string | undefined>({
    queryKey: ['machines', find],
    queryFn: ({ pageParam }) =>
      answer(api.GET('/machines', { params: { query: { cursor: pageParam, find: find || undefined } } })),
    placeholderData: (before) => before,
    ...(find && { gcTime: FOUND }),
    initialPageParam: undefined,
    getNextPageParam: (page) => page.next_cursor ?? undefined,
    select: (pages) => pages.pages.flatMap((page) => page.data),
  });

export const useMachine = (id: number) =>
  useQuery<MachineHistory, Refusal>({
    queryKey: ['machine', id],
    queryFn: () => answer(api.GET('/machines/{machine}', { params: { path: { machine: id } } })),
  });

export const useAddMachine = () => {
  const client = useQueryClient();
  return useMutation<MachineCard, Refusal, { name: string; model: string; owner: string }>({
    mutationFn: (body) => answer(api.POST('/machines', { body })),
    onSuccess: () => client.invalidateQueries({ queryKey: ['machines'] }),
  });
};

/** Reads a list of machines; only when it is kept are they noted. */
export const useMachineList = () => {
  const client = useQueryClient();
  return useMutation<MachineListSheet, Refusal, { file: File; keep: boolean }>({
    mutationFn: ({ file, keep }) =>
      answer(api.POST('/machines/list', { body: { list: file, keep }, bodySerializer: asForm })),
    meta: { says: 'The list of machines is being read' },
    onSuccess: (sheet) => (sheet.kept ? outOfDate(client, 'machines') : undefined),
  });
};

export const useChangeMachine = (machine: number) => {
  const client = useQueryClient();
  return useMutation<MachineCard, Refusal, { name: string; model: string; owner: string }>({
    mutationFn: (body) => answer(api.PUT('/machines/{machine}', { params: { path: { machine } }, body })),
    onSuccess: () => outOfDate(client, 'machine', 'machines', 'jobs', 'job', 'ahead', 'bench-day'),
  });
};

/** Erases whose machine it is and what they said. */
export const useEraseCustomer = (machine: number) => {
  const client = useQueryClient();
  return useMutation<MachineCard, Refusal, void>({
    mutationFn: () => answer(api.DELETE('/machines/{machine}/customer', { params: { path: { machine } } })),
    onSuccess: () => outOfDate(client, 'machine', 'machines', 'jobs', 'job', 'ahead', 'log'),
  });
};

export const useTools = () =>
  useQuery<ToolCard[], Refusal>({
    queryKey: ['tools'],
    queryFn: async () => (await answer(api.GET('/tools'))).data,
  });

export interface NewTool {
  name: string;
  kind: ToolCard['kind'];
  unit: 'mm' | 'in';
  /** Sizes as they were typed, by their names. */
  [size: string]: string;
}

/** Everything that changes the wall changes what is chosen from it. */
const useWallChange = <Given, Answer>(change: (given: Given) => Promise<Answer>, says?: string) => {
  const client = useQueryClient();
  return useMutation<Answer, Refusal, Given>({
    mutationFn: change,
    ...(says && { meta: { says } }),
    onSuccess: () => outOfDate(client, 'tools', 'next-tool', 'job'),
  });
};

/** Hangs a tool up; with its number, measures one that hangs there anew. */
export const useKeepTool = () =>
  useWallChange<{ id: number | null; tool: NewTool }, ToolCard>(({ id, tool }) =>
    id === null
      ? answer(api.POST('/tools', { body: tool }))
      : answer(api.PUT('/tools/{tool}', { params: { path: { tool: id } }, body: tool })),
  );

export const useTakeDown = () =>
  useWallChange<number, unknown>((tool) => answer(api.DELETE('/tools/{tool}', { params: { path: { tool } } })));

/** Reads a list of tools; only when it is kept are they hung up. */
export const useToolList = () =>
  useWallChange<{ file: File; keep: boolean }, ToolListSheet>(({ file, keep }) => {
    return answer(api.POST('/tools/list', { body: { list: file, keep }, bodySerializer: asForm }));
  }, 'The list of tools is being read');

/** Hangs up what a shop that begins usually has. */
export const useStarterTools = () => useWallChange<void, ToolListSheet>(() => answer(api.POST('/tools/starter')));

/** Which driver would cover most of what this shop does. */
export const useNextTool = () =>
  useQuery<NextTool, Refusal>({ queryKey: ['next-tool'], queryFn: () => answer(api.GET('/tools/next')) });

export const useCalculators = () =>
  useQuery<CalculatorCard[], Refusal>({
    queryKey: ['calculators'],
    queryFn: async () => (await answer(api.GET('/calculators'))).data,
    staleTime: Number.POSITIVE_INFINITY,
  });

/** One question of the Finder: in words, or a calculator with its input. */
export type FinderQuestion =
  | { text: string; unit: 'mm' | 'in'; as: number }
  | { calculator: string; input: Record<string, unknown> };

/** How a question is understood, and what was found: one answer from the server. */
export const useFound = (question: FinderQuestion, enabled: boolean) =>
  useQuery<Asked, Refusal>({
    queryKey: ['preview', 'finder', question],
    queryFn: () =>
      answer(
        api.POST('/ask', {
          body: 'calculator' in question ? { ...question, input: withHeld(question.input) } : question,
        }),
      ),
    enabled,
    retry: false,
    placeholderData: (before) => before,
  });

/** A stamped number taken apart. */
export const useBearingNumber = (number: string) =>
  useQuery<BearingNumber, Refusal>({
    queryKey: ['preview', 'bearing-number', number],
    queryFn: () => answer(api.POST('/calculators/bearing-number', { body: { number } })),
    retry: false,
    placeholderData: (before) => before,
  });

export type AssemblyInput =
  paths['/calculators/bearings-or-assembly']['post']['requestBody']['content']['application/json'];

/** Bearings against the whole assembly, while prices are typed. */
export const useAssembly = (input: AssemblyInput, enabled: boolean) =>
  useQuery<Assembly, Refusal>({
    queryKey: ['preview', 'bearings-or-assembly', input],
    queryFn: () => answer(api.POST('/calculators/bearings-or-assembly', { body: input })),
    enabled,
    retry: false,
    placeholderData: (before) => before,
  });

export const useShop = () =>
  useQuery<ShopSheet, Refusal>({ queryKey: ['shop'], queryFn: () => answer(api.GET('/shop')) });

type ShopBody = paths['/shop']['patch']['requestBody']['content']['application/json'];

/** What changes of a shop; habits by their names. */
export type ShopChange = Omit<ShopBody, 'habits'> & { habits?: Record<string, string> };

/** Changes what is noted of the shop, or one of its habits; every plan and every amount follows. */
export const useChangeShop = () => {
  const client = useQueryClient();
  return useMutation<ShopSheet, Refusal, ShopChange>({
    mutationFn: (body) => answer(api.PATCH('/shop', { body })),
    onSuccess: async (sheet) => {
      await stands(client, ['shop'], sheet);
      return outOfDate(client, 'job', 'session', 'orders', 'suppliers', 'log');
    },
  });
};
