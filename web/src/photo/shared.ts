/** Where the service worker keeps a photograph that another app has shared. */
const KEPT = 'evenlobe-shared';
const PLACE = '/shared-photo';

/** The photograph that was shared last and is not kept yet. */
export async function sharedPhoto(): Promise<Blob | null> {
  if (!('caches' in window)) return null;
  const kept = await (await caches.open(KEPT)).match(PLACE);
  return (await kept?.blob()) ?? null;
}

export async function forgetShared(): Promise<void> {
  if ('caches' in window) await caches.delete(KEPT);
}
