import createClient, { type Middleware } from 'openapi-fetch';
import { sayWhatIsKnown } from './known';
import type { components, paths } from './schema';

export type Schemas = components['schemas'];

function cookie(name: string): string | undefined {
  return document.cookie
    .split('; ')
    .find((pair) => pair.startsWith(`${name}=`))
    ?.slice(name.length + 1);
}

/** Over TLS its name binds the token to this host. */
const token = () => cookie('__Host-XSRF-TOKEN') ?? cookie('XSRF-TOKEN');

/** The header that sends the server's token back with everything that changes something. */
export function tokenHeader(): Record<string, string> {
  const sent = token();
  return sent ? { 'X-XSRF-TOKEN': sent } : {};
}

/** The token's cookie ends with the browser, a sign-in does not: then another is fetched first. */
async function fetchToken(): Promise<void> {
  if (!token()) {
    await globalThis.fetch('/api/csrf', { credentials: 'same-origin' }).catch(() => undefined);
  }
}

const sendToken: Middleware = {
  async onRequest({ request }) {
    if (request.method !== 'GET') await fetchToken();
    for (const [name, value] of Object.entries(tokenHeader())) request.headers.set(name, value);
    return request;
  },
};

export const api = createClient<paths>({
  baseUrl: window.location.origin,
  credentials: 'same-origin',
  fetch: (request) => globalThis.fetch(request),
});
api.use(sendToken);
api.use(sayWhatIsKnown);
