/* Part of the service worker: a photograph that another app shares is kept until it is said whose
   ear it shows. It never leaves the device before that. */
self.addEventListener('fetch', (event) => {
  const { request } = event;
  if (request.method !== 'POST' || new URL(request.url).pathname !== '/share') return;
  event.respondWith(
    (async () => {
      const photo = (await request.formData()).get('photo');
      if (photo instanceof File) {
        const kept = await caches.open('evenlobe-shared');
        await kept.put(
          '/shared-photo',
          new Response(photo, { headers: { 'Content-Type': photo.type } }),
        );
      }
      return Response.redirect('/share', 303);
    })(),
  );
});
