// @vitest-environment jsdom
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { discard, enqueue, send, tryAgain, type Waiting } from './queue';

const KEPT = 'evenlobe.waiting';

function waiting(id: string, person = 'wren'): Waiting {
  return {
    id,
    person,
    household: 'marsh',
    dogId: 'otter',
    name: 'Otter',
    what: {
      kind: 'practices',
      body: {
        dogId: 'otter',
        at: '2026-11-25T18:00:00Z',
        zone: 'Europe/London',
        rung: 'TOUCH',
        handled: 'CALM',
      },
    },
  };
}

function kept(): Waiting[] {
  return JSON.parse(localStorage.getItem(KEPT) ?? '[]') as Waiting[];
}

/** Each request's method and path, in order. */
function serverThat(answers: (path: string) => Response | Error) {
  const seen: string[] = [];
  vi.stubGlobal('fetch', (request: Request | string) => {
    const path =
      typeof request === 'string'
        ? `GET ${request}`
        : `${request.method} ${new URL(request.url).pathname}`;
    seen.push(path);
    const answer = answers(path);
    return answer instanceof Error ? Promise.reject(answer) : Promise.resolve(answer);
  });
  return seen;
}

const stored = () => Response.json({ id: 'x', version: 1 });

describe('what waits to be sent', () => {
  beforeEach(() => {
    localStorage.clear();
    document.cookie = 'XSRF-TOKEN=token';
  });
  afterEach(() => vi.unstubAllGlobals());

  it('is sent once, under its own id, and what follows from it is done', async () => {
    const seen = serverThat(stored);
    const followed: string[] = [];
    enqueue(waiting('a'));

    expect(
      await send('wren', ({ id }) => {
        followed.push(id);
        return Promise.resolve();
      }),
    ).toBe(true);

    expect(seen).toEqual(['PUT /api/households/marsh/practices/a']);
    expect(followed).toEqual(['a']);
    expect(kept()).toEqual([]);
  });

  it('is of any kind, and of those that an earlier version of the app called otherwise', async () => {
    const seen = serverThat(stored);
    const { what, ...former } = waiting('a');
    localStorage.setItem(
      KEPT,
      JSON.stringify([{ ...former, what: { kind: 'cleaning', body: what.body } }]),
    );
    enqueue({
      ...waiting('b'),
      what: { kind: 'dryings', body: { dogId: 'otter', at: '2026-11-25T18:00:00Z', zone: 'UTC' } },
    });

    await send('wren');

    expect(seen).toEqual([
      'PUT /api/households/marsh/cleanings/a',
      'PUT /api/households/marsh/dryings/b',
    ]);
  });

  it('stays while there is no connection, and nothing behind it is tried', async () => {
    const seen = serverThat(() => new TypeError('cut'));
    enqueue(waiting('a'));
    enqueue(waiting('b'));

    expect(await send('wren')).toBe(false);

    expect(seen).toEqual(['PUT /api/households/marsh/practices/a']);
    expect(kept().map(({ id }) => id)).toEqual(['a', 'b']);
  });

  it('survives a sign-out by time', async () => {
    serverThat(() => Response.json({ status: 401 }, { status: 401 }));
    enqueue(waiting('a'));

    await send('wren');

    expect(kept()[0]?.refused).toBeUndefined();
  });

  it('keeps what was refused, with the reason, and goes on with the rest', async () => {
    serverThat((path) =>
      path.endsWith('/a')
        ? Response.json({ status: 403, detail: 'You look on here.' }, { status: 403 })
        : stored(),
    );
    enqueue(waiting('a'));
    enqueue(waiting('b'));

    await send('wren');

    expect(kept()).toMatchObject([{ id: 'a', refused: 'You look on here.' }]);
    discard('a');
    expect(kept()).toEqual([]);
  });

  it('belongs to the person who did it', async () => {
    const seen = serverThat(stored);
    enqueue(waiting('a', 'tern'));

    await send('wren');

    expect(seen).toEqual([]);
    expect(kept()).toHaveLength(1);
  });

  it('fetches a token first where the browser has none any more', async () => {
    document.cookie = 'XSRF-TOKEN=; Max-Age=0';
    const seen = serverThat(stored);
    enqueue(waiting('a'));

    await send('wren');

    expect(seen.slice(0, 2)).toEqual(['GET /api/csrf', 'PUT /api/households/marsh/practices/a']);
  });

  it('is no refusal where only the token was missing', async () => {
    serverThat(() =>
      Response.json({ type: '/problems/token', status: 403, detail: 'Old.' }, { status: 403 }),
    );
    enqueue(waiting('a'));

    await send('wren');

    expect(kept()[0]?.refused).toBeUndefined();
  });

  it('holds up no other where one always fails', async () => {
    serverThat((path) => (path.endsWith('/a') ? Response.json({}, { status: 500 }) : stored()));
    enqueue(waiting('a'));
    enqueue(waiting('b'));

    expect(await send('wren')).toBe(true);

    expect(kept()).toMatchObject([{ id: 'a' }]);
    expect(kept()[0]?.refused).toBeUndefined();
  });

  it('is sent again where somebody says so', async () => {
    serverThat(() => Response.json({ status: 400, detail: 'No.' }, { status: 400 }));
    enqueue(waiting('a'));
    await send('wren');
    serverThat(stored);

    tryAgain('a');
    await send('wren');

    expect(kept()).toEqual([]);
  });

  it('takes nothing down where what is kept cannot be read', async () => {
    localStorage.setItem(KEPT, '[{"broken": ');
    const seen = serverThat(stored);

    enqueue(waiting('a'));
    await send('wren');

    expect(seen[0]).toBe('PUT /api/households/marsh/practices/a');
  });

  it('loses none for one beside it that cannot be read', async () => {
    const broken = { ...waiting('b'), what: null };
    localStorage.setItem(KEPT, JSON.stringify([broken, waiting('a')]));
    const seen = serverThat(stored);

    await send('wren');

    expect(seen).toEqual(['PUT /api/households/marsh/practices/a']);
  });

  it('waits in the page where the device keeps nothing more', async () => {
    const seen = serverThat(stored);
    vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });

    enqueue(waiting('a'));
    await send('wren');

    expect(seen[0]).toBe('PUT /api/households/marsh/practices/a');
  });
});
