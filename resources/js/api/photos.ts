import { useMutation } from '@tanstack/react-query';
import { answer, api, type Refusal } from './client';
import { newId } from './records';

/** Sends a photo; the record that shows it is kept by whoever asked. */
export const useSendPhoto = (job: number) =>
  useMutation<{ id: string }, Refusal, File>({
    mutationFn: (file) => {
      const body = new FormData();
      body.append('id', newId());
      body.append('photo', file);
      return answer(
        api.POST('/jobs/{job}/photos', {
          params: { path: { job } },
          body: body as never,
          bodySerializer: (form) => form as never,
        }),
      );
    },
    retry: (count, refusal) => refusal.passing && count < 5,
  });

export const photoUrl = (id: string): string => `/files/photos/${id}.jpg`;
