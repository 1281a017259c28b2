import { useMutation } from '@tanstack/react-query';
import { answer, api, type Refusal } from './client';
import { type Far, finished } from './errands';
import { newId } from './ids';

/** Writes all of the shop into one file; tells where it lies. */
export const useTakeAlong = (far: (far: Far) => void) =>
  useMutation<string | null, Refusal, void>({
    mutationFn: async () =>
      (await finished(await answer(api.POST('/shop/along', { body: { id: newId() } })), far)).file,
    meta: { says: 'All of the shop is being written into one file' },
  });
