import { useMutation } from '@tanstack/react-query';
import { dropPhoto, photoSent, putPhoto, takePhoto } from '../offline/photos';
import { answer, api, asForm, Refusal } from './client';
import { newId } from './ids';
import type { Problem } from './types';

export const photoUrl = (id: string): string => `/files/photos/${id}.jpg`;

/** Throws a photo away for good, before the job is signed. */
export const useThrowPhoto = () =>
  useMutation<unknown, Refusal, string>({
    mutationFn: (photo) => answer(api.DELETE('/photos/{photo}', { params: { path: { photo } } })),
  });

/** The longer side of a photo as it is sent, in points: a ring's stamp is read at that. */
const LONGEST = 2_000;
const QUALITY = 0.86;

/** Not a picture, whatever it is called. */
export class NoPicture extends Error {}

/** A photo of any phone made as small as the work needs, upright, without what the phone noted in it. */
async function shrunk(photo: File): Promise<Blob> {
  let picture: ImageBitmap;
  try {
    picture = await createImageBitmap(photo, { imageOrientation: 'from-image' });
  } catch {
    throw new NoPicture('That file is not a picture, whatever its name says. Take a JPEG, PNG or WebP.');
  }
  const scale = Math.min(1, LONGEST / Math.max(picture.width, picture.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(picture.width * scale));
  canvas.height = Math.max(1, Math.round(picture.height * scale));
  canvas.getContext('2d')?.drawImage(picture, 0, 0, canvas.width, canvas.height);
  picture.close();
  const small = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', QUALITY));
  return small ?? photo;
}

/**
 * Lays a photo ready to be sent, and names it: the record that shows it carries that name, and the photo goes ahead of it.
 *
 * @throws NoPicture when it is none
 */
export async function layReady(photo: File): Promise<string> {
  const id = newId();
  await putPhoto(id, await shrunk(photo));
  return id;
}

/** Sends a photo or a recording that waits here, telling how much of it is through; nothing when none of that name waits. */
export async function sendPhoto(job: number, id: string, right: string | undefined): Promise<void> {
  const file = await takePhoto(id);
  if (!file) return;
  const sound = file.type.startsWith('audio/');
  if (right === undefined) await upload(job, id, file, sound);
  else {
    const how = {
      params: { path: { job } },
      bodySerializer: asForm,
      credentials: 'omit' as const,
      headers: { Authorization: `Bearer ${right}` },
    };
    await (sound
      ? answer(api.POST('/jobs/{job}/recordings', { ...how, body: { id, recording: file } }))
      : answer(api.POST('/jobs/{job}/photos', { ...how, body: { id, photo: file } })));
  }
  await dropPhoto(id);
}

/** As a form, by the one way of a browser that tells how far it is. */
function upload(job: number, id: string, file: Blob, sound: boolean): Promise<void> {
  return new Promise((done, refused) => {
    const line = new XMLHttpRequest();
    line.open('POST', `/api/v1/jobs/${job}/${sound ? 'recordings' : 'photos'}`);
    line.setRequestHeader('Accept', 'application/json');
    const token = /(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1];
    if (token) line.setRequestHeader('X-XSRF-TOKEN', decodeURIComponent(token));
    line.upload.onprogress = ({ loaded, total }) => photoSent(id, total > 0 ? loaded / total : 0);
    line.onerror = () => refused(Refusal.unreachable());
    line.onload = () => {
      if (line.status < 300) done();
      else refused(Refusal.of(line.status, readProblem(line.responseText)));
    };
    const whole = new File([file], `${id}.${sound ? 'wav' : 'jpg'}`, { type: file.type });
    line.send(asForm(sound ? { id, recording: whole } : { id, photo: whole }));
  });
}

function readProblem(text: string): Problem | undefined {
  try {
    return JSON.parse(text) as Problem;
  } catch {
    return undefined;
  }
}
