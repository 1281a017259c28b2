import { createStore, del, get, set } from 'idb-keyval';
import { useEffect, useState, useSyncExternalStore } from 'react';

/** Photos and recordings on their way to the server, by their ids: each goes ahead of the record that names it. */
const stored = createStore('clean-race-photos', 'photos');

/** Where a browser stores nothing, they wait in this page alone. */
const held = new Map<string, Blob>();

export async function putPhoto(id: string, photo: Blob): Promise<void> {
  held.set(id, photo);
  await set(id, photo, stored).catch(() => undefined);
}

export const takePhoto = async (id: string): Promise<Blob | undefined> =>
  held.get(id) ?? (await get<Blob>(id, stored).catch(() => undefined));

export async function dropPhoto(id: string): Promise<void> {
  held.delete(id);
  sent.delete(id);
  tell();
  await del(id, stored).catch(() => undefined);
}

/** How much of each photo is sent, from 0 to 1. */
const sent = new Map<string, number>();
const watchers = new Set<() => void>();

const tell = (): void => {
  for (const watcher of watchers) watcher();
};

export function photoSent(id: string, share: number): void {
  sent.set(id, share);
  tell();
}

/** How much of a photo is sent; nothing while it has not begun, or once it is through. */
export const useSent = (id: string): number | undefined =>
  useSyncExternalStore(
    (watcher) => {
      watchers.add(watcher);
      return () => watchers.delete(watcher);
    },
    () => sent.get(id),
  );

/** An address of a photo that waits here, for as long as it is shown. */
export function useOwnPhoto(id: string, waits: boolean): string | undefined {
  const [address, setAddress] = useState<string>();
  useEffect(() => {
    if (!waits) return;
    let made: string | undefined;
    let left = false;
    void takePhoto(id).then((photo) => {
      if (!photo || left) return;
      made = URL.createObjectURL(photo);
      setAddress(made);
    });
    return () => {
      left = true;
      setAddress(undefined);
      if (made) URL.revokeObjectURL(made);
    };
  }, [id, waits]);
  return address;
}
