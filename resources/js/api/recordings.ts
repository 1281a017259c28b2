import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { dropPhoto, putPhoto } from '../offline/photos';
import { takeBack } from '../offline/queue';
import { answer, api, type Refusal } from './client';
import { newId } from './ids';
import { jobKey } from './jobs';
import type { RecordingSheet } from './types';

export const recordingUrl = (id: string): string => `/files/recordings/${id}.wav`;

/** How often it is asked whether a recording was listened to, in milliseconds. */
const ASK_MS = 700;

const keyOf = (id: string) => ['recordings', id];

/** Lays a recording ready to be sent, and names it: the record that names it goes after it. */
export async function layRecordingReady(wave: Blob): Promise<string> {
  const id = newId();
  await putPhoto(id, wave);
  return id;
}

/**
 * What a recording tells, asked until it was listened to; then the job is asked for anew, which judges by it.
 *
 * @param sent whether the server has it
 * @param judged whether the job that is shown knows what it tells
 */
export function useRecording(job: number, id: string, sent: boolean, judged: boolean) {
  const client = useQueryClient();
  const found = useQuery<RecordingSheet, Refusal>({
    queryKey: keyOf(id),
    queryFn: () => answer(api.GET('/recordings/{recording}', { params: { path: { recording: id } } })),
    enabled: sent,
    refetchInterval: (query) => (query.state.data?.waits ? ASK_MS : false),
  });
  const waits = found.data?.waits ?? false;
  const told = found.data !== undefined && !waits && found.data.heard !== null;
  const awaited = useRef(false);
  useEffect(() => {
    if (waits) awaited.current = true;
    if (!told || (judged && !awaited.current)) return;
    awaited.current = false;
    void client.invalidateQueries({ queryKey: jobKey(job) });
  }, [client, job, waits, told, judged]);
  return found;
}

/** Throws away a recording that waits here, with the record that names it. Says so when it is being sent by now. */
export async function throwWaiting(id: string): Promise<boolean> {
  const taken = await takeBack(id);
  if (taken) await dropPhoto(id);
  return taken;
}

/** Throws a recording away for good, before the job is signed; what stood at its place goes with it. */
export function useThrowRecording(job: number) {
  const client = useQueryClient();
  return useMutation<unknown, Refusal, string>({
    mutationFn: (recording) => answer(api.DELETE('/recordings/{recording}', { params: { path: { recording } } })),
    onSuccess: () => client.invalidateQueries({ queryKey: jobKey(job) }),
  });
}
