import { beforeEach, describe, expect, it } from 'vitest';
import { forgetAnswers, sayWhatIsKnown } from './known';

const URL = 'http://here/api/households/marsh/today';

async function asked(answer: (tag: string | null) => Response): Promise<string> {
  const request = new Request(URL);
  const options = { request } as Parameters<NonNullable<typeof sayWhatIsKnown.onRequest>>[0];
  await sayWhatIsKnown.onRequest?.(options);
  const response = answer(request.headers.get('If-None-Match'));
  const told = await sayWhatIsKnown.onResponse?.({ ...options, response });
  return (told ?? response).text();
}

const fresh = (body: string, tag: string) => new Response(body, { headers: { ETag: tag } });

describe('what is known already', () => {
  beforeEach(forgetAnswers);

  it('is said, and taken where nothing has changed', async () => {
    expect(await asked(() => fresh('{"a":1}', '"1"'))).toBe('{"a":1}');

    const again = await asked((tag) => {
      expect(tag).toBe('"1"');
      return new Response(null, { status: 304 });
    });

    expect(again).toBe('{"a":1}');
  });

  it('is replaced by what is new', async () => {
    await asked(() => fresh('{"a":1}', '"1"'));
    expect(await asked(() => fresh('{"a":2}', '"2"'))).toBe('{"a":2}');
    expect(await asked(() => new Response(null, { status: 304 }))).toBe('{"a":2}');
  });

  it('is taken though it was thrown out between question and answer', async () => {
    await asked(() => fresh('{"a":1}', '"1"'));
    const told = await asked(() => {
      forgetAnswers();
      return new Response(null, { status: 304 });
    });
    expect(told).toBe('{"a":1}');
  });

  it('is nothing after signing out, nor after an answer without a tag', async () => {
    await asked(() => fresh('{"a":1}', '"1"'));
    await asked(() => new Response('{}', { status: 503 }));
    await asked((tag) => {
      expect(tag).toBeNull();
      return fresh('{"a":3}', '"3"');
    });
    forgetAnswers();
    await asked((tag) => {
      expect(tag).toBeNull();
      return fresh('{}', '"4"');
    });
  });
});
