import { useMutation } from '@tanstack/react-query';
import { answer, api, asForm, type Refusal } from './client';
import { newId } from './records';

/** Sends a photo; the record that shows it is kept by whoever asked. */
export const useSendPhoto = (job: number) =>
  useMutation<{ id: string }, Refusal, File>({
    mutationFn: (photo) =>
      answer(
        api.POST('/jobs/{job}/photos', {
          params: { path: { job } },
          body: { id: newId(), photo },
          bodySerializer: asForm,
        }),
      ),
    retry: (count, refusal) => refusal.passing && count < 5,
  });

export const photoUrl = (id: string): string => `/files/photos/${id}.jpg`;
