import { send, type Schemas } from '$lib/api/client';
import { queries, said } from '$lib/api/act.svelte';
import { outbox } from '$lib/outbox.svelte';

const longest = 2400;

/** Turned upright and shrunk in the browser, so that a phone sends little; what cannot be read here is sent as it is, and judged by the server. */
export async function shrink(file: File): Promise<Blob> {
  try {
    const image = await createImageBitmap(file, { imageOrientation: 'from-image' });
    const scale = Math.min(1, longest / Math.max(image.width, image.height));
    if (scale === 1 && file.size < 1_500_000) return file;
    const canvas = new OffscreenCanvas(Math.round(image.width * scale), Math.round(image.height * scale));
    canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height);
    image.close();
    return await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.9 });
  } catch {
    return file;
  }
}

/** Sends one photo now; answers its id. */
export async function upload(machineId: string, file: File, caption = ''): Promise<string> {
  const done = await send<Schemas['Acted']>(
    `/api/machines/${machineId}/photos?caption=${encodeURIComponent(caption)}`,
    await shrink(file),
  );
  said(done);
  await queries.invalidateQueries();
  return done.id!;
}

/** Keeps one photo on this device and sends it when it can; answers the id that it will have. Sent twice, it is still one. */
export async function post(machineId: string, file: File, caption = ''): Promise<{ id: string; blob: Blob }> {
  const blob = await shrink(file);
  const id = crypto.randomUUID();
  await outbox.put({
    machineId,
    method: 'POST',
    path: `/api/machines/${machineId}/photos?photoId=${id}&caption=${encodeURIComponent(caption)}`,
    photo: blob,
    label: `photo${caption ? `: ${caption}` : ''}`,
  });
  return { id, blob };
}

export const photoUrl = (hash: string, size: 'full' | 'screen' | 'thumb' | boolean = 'full') => {
  const word = size === true ? 'thumb' : size === false ? 'full' : size;
  return `/api/photos/${hash}${word === 'full' ? '' : `?size=${word}`}`;
};
