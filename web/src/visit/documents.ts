import { tokenHeader } from '../api/client';
import { answeredPlain } from '../api/problem';
import { shrunk } from '../image/shrunk';

const LONGER_SIDE = 2000;
const LONGEST_NAME = 120;

/** Where a document of a visit is read and written. */
export function documentPath(household: string, visit: string, document: string): string {
  return `/api/households/${household}/visits/${visit}/documents/${document}`;
}

/** Attaches a PDF as it is, or a picture drawn smaller. */
export async function attach(path: string, file: File): Promise<void> {
  const pdf = file.type === 'application/pdf';
  let body: Blob = file;
  if (!pdf) {
    try {
      body = await shrunk(file, LONGER_SIDE);
    } catch {
      throw new Error('This file is neither a PDF nor a picture. Nothing was changed.');
    }
  }
  const name = encodeURIComponent(file.name.slice(0, LONGEST_NAME));
  await answeredPlain(
    fetch(`${path}?name=${name}`, {
      method: 'PUT',
      headers: { ...tokenHeader(), 'Content-Type': pdf ? file.type : 'image/jpeg' },
      body,
    }),
  );
}

export async function takeAway(path: string): Promise<void> {
  await answeredPlain(fetch(path, { method: 'DELETE', headers: tokenHeader() }));
}
