import type { Middleware } from 'openapi-fetch';

interface Known {
  tag: string;
  body: string;
}

/** What was answered before, by address: in memory only, so that it is gone with the page. */
const known = new Map<string, Known>();
/** What a request has said that is known: it may be thrown out before the answer comes. */
const said = new WeakMap<Request, Known>();
const MOST = 40;

/**
 * Says which answer is there already, and takes that where the server says that nothing has changed.
 * Nothing of it is kept on the device.
 */
export const sayWhatIsKnown: Middleware = {
  onRequest({ request }) {
    const before = request.method === 'GET' ? known.get(request.url) : undefined;
    if (before) {
      request.headers.set('If-None-Match', before.tag);
      said.set(request, before);
    }
    return request;
  },
  async onResponse({ request, response }) {
    if (request.method !== 'GET') return response;
    const before = said.get(request);
    if (response.status === 304 && before) {
      return new Response(before.body, { headers: { 'Content-Type': 'application/json' } });
    }
    const tag = response.headers.get('ETag');
    known.delete(request.url);
    if (response.ok && tag) {
      known.set(request.url, { tag, body: await response.clone().text() });
      const [oldest] = known.keys();
      if (known.size > MOST && oldest !== undefined) known.delete(oldest);
    }
    return response;
  },
};

/** Forgets all, as somebody signs out. */
export function forgetAnswers(): void {
  known.clear();
}
