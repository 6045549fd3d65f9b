import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { discard, enqueue, send, type Waiting } from './queue';

const KEPT = 'evenlobe.waiting';

function waiting(id: string, person = 'wren'): Waiting {
  return {
    id,
    person,
    household: 'marsh',
    dogId: 'otter',
    name: 'Otter',
    what: {
      kind: 'practice',
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
  vi.stubGlobal('fetch', (request: Request) => {
    const path = `${request.method} ${new URL(request.url).pathname}`;
    seen.push(path);
    const answer = answers(path);
    return answer instanceof Error ? Promise.reject(answer) : Promise.resolve(answer);
  });
  return seen;
}

const stored = () => Response.json({ id: 'x', version: 1 });

describe('what waits to be sent', () => {
  beforeEach(() => localStorage.clear());
  afterEach(() => vi.unstubAllGlobals());

  it('is sent once, under its own id, and its draft forgotten', async () => {
    const seen = serverThat(stored);
    enqueue(waiting('a'));

    expect(await send('wren')).toBe(true);

    expect(seen).toEqual([
      'PUT /api/households/marsh/practices/a',
      'DELETE /api/households/marsh/dogs/otter/session-progress/a',
    ]);
    expect(kept()).toEqual([]);
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
});
