import { tokenHeader } from '../api/client';
import { answeredPlain } from '../api/problem';
import { shrunk } from '../image/shrunk';

const LONGER_SIDE = 960;

function pathOf(household: string, dog: string): string {
  return `/api/households/${household}/dogs/${dog}/picture`;
}

export async function sendPicture(household: string, dog: string, file: File): Promise<void> {
  let body;
  try {
    body = await shrunk(file, LONGER_SIDE);
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
