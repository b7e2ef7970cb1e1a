import { useEffect, useState } from 'react';
import { sendBytes } from '../api/api';
import type { components } from '../api/api.gen';

/** Enough to read a colour from, and quick to send at every turn of the ring. */
const longest = 1200;

type Taken = { src: string; width: number; height: number; blob: Blob };

/** A photo made small enough to be looked at, and what is wrong with it. */
export function useTakenPhoto(file: File): { photo: Taken | undefined; said: string | undefined } {
  const [photo, setPhoto] = useState<Taken>();
  const [said, setSaid] = useState<string>();
  useEffect(() => {
    smaller(file)
      .then(setPhoto)
      .catch(() => setSaid('Can’t read this picture. Use JPEG, PNG or WebP.'));
  }, [file]);
  return { photo, said };
}

async function smaller(file: File) {
  const bitmap = await createImageBitmap(file);
  const by = Math.min(1, longest / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = [Math.max(1, Math.round(bitmap.width * by)), Math.max(1, Math.round(bitmap.height * by))];
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/png'));
  if (!blob) throw new Error('no picture');
  // Shown from its own letters: the pages show no picture from anywhere else.
  return { blob, src: canvas.toDataURL('image/jpeg', 0.9), width: canvas.width, height: canvas.height };
}

/** The colour in a ring; the photo is looked at and not kept. */
export function readColour(
  blob: Blob,
  asked: components['schemas']['PickColourRequest'],
): Promise<components['schemas']['CorrectedColour']> {
  return sendBytes(`/api/compute/photo-colour?asked=${encodeURIComponent(JSON.stringify(asked))}`, 'image/png', blob);
}
