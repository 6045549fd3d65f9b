import { tokenHeader } from '../api/client';
import { answeredPlain } from '../api/problem';

const LONGER_SIDE = 960;
const QUALITY = 0.85;

function pathOf(household: string, dog: string): string {
  return `/api/households/${household}/dogs/${dog}/picture`;
}

/** The width and height to draw at, so that the longer side is no longer than that. */
export function fitted(width: number, height: number, longest: number): [number, number] {
  const scale = Math.min(1, longest / Math.max(width, height));
  return [Math.max(1, Math.round(width * scale)), Math.max(1, Math.round(height * scale))];
}

/** Draws the picture small before it is sent: a phone's is many times larger than needed. */
async function shrunk(file: File): Promise<Blob> {
  const image = await createImageBitmap(file);
  const [width, height] = fitted(image.width, image.height, LONGER_SIDE);
  const canvas = document.createElement('canvas');
  canvas.width = width;
  canvas.height = height;
  canvas.getContext('2d')?.drawImage(image, 0, 0, width, height);
  return new Promise((resolve, reject) => {
    canvas.toBlob(
      (blob) => (blob ? resolve(blob) : reject(new Error('This picture cannot be read.'))),
      'image/jpeg',
      QUALITY,
    );
  });
}

export async function sendPicture(household: string, dog: string, file: File): Promise<void> {
  let body;
  try {
    body = await shrunk(file);
  } catch {
    throw new Error('This file cannot be read as a picture. Nothing was changed.');
  }
  await answeredPlain(
    fetch(pathOf(household, dog), {
      method: 'PUT',
      headers: { ...tokenHeader(), 'Content-Type': 'image/jpeg' },
      body,
    }),
  );
}

export async function removePicture(household: string, dog: string): Promise<void> {
  await answeredPlain(fetch(pathOf(household, dog), { method: 'DELETE', headers: tokenHeader() }));
}
