import { api, tokenHeader, type Schemas } from '../api/client';
import { answeredPlain } from '../api/problem';
import { putFact, type FactAnswer } from '../fact/facts';
import { shrunk } from '../image/shrunk';
import { dateWithYear } from '../measure/days';
import { earName, type Side } from '../measure/side';

export type PhotoSeen = Schemas['PhotoSeen'];
export type Shows = PhotoSeen['photo']['of'];

const LONGER_SIDE = 1600;

export function imagePath(household: string, image: string): string {
  return `/api/households/${household}/images/${image}`;
}

/** What a photograph shows, and when. */
export function photoWords({ photo }: PhotoSeen): string {
  const what = photo.of === 'EAR' ? earName(photo.ear) : `wipes of the ${earName(photo.ear)}`;
  return `${what}, ${dateWithYear(photo.moment.day)}`;
}

/** What is photographed, of whom. */
export interface Subject {
  dogId: string;
  shows: Shows;
  ear: Side;
}

/** Under which ids a picture is sent, and when it was taken. */
export interface Ids {
  photo: string;
  image: string;
  at: string;
}

/** Sends a picture, drawn smaller, and says what it shows. */
export async function sendPhoto(
  picture: Blob,
  subject: Subject,
  ids: Ids,
  { household, zone }: { household: string; zone: string },
): Promise<FactAnswer> {
  let body;
  try {
    body = await shrunk(picture, LONGER_SIDE);
  } catch {
    throw new Error('This file cannot be read as a picture. Nothing was kept.');
  }
  await answeredPlain(
    fetch(imagePath(household, ids.image), {
      method: 'PUT',
      headers: { ...tokenHeader(), 'Content-Type': 'image/jpeg' },
      body,
    }),
  );
  return putFact(
    { household, kind: 'photos', id: ids.photo },
    { ...subject, at: ids.at, zone, imageId: ids.image },
  );
}

/** What the ear camera sees now. */
export async function frame(household: string, ear: Side): Promise<Blob> {
  const { data, response } = await api.GET('/api/households/{household}/ear-camera/frame', {
    params: { path: { household }, query: { ear } },
    parseAs: 'blob',
  });
  if (!response.ok || data === undefined) throw new Error('The ear camera does not answer.');
  return data;
}
