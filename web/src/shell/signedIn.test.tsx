// @vitest-environment jsdom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { useMe } from '../household/useMe';
import { SignedIn } from './SignedIn';

const ME = {
  id: 'p',
  households: [{ id: 'h', name: 'Saltings', settings: { volumeUnit: 'ML', weightUnit: 'KG' } }],
};

const answer = vi.fn<() => Promise<Response>>();

function answered(status: number, body: unknown) {
  return Promise.resolve(
    new Response(JSON.stringify(body), {
      status,
      headers: { 'Content-Type': 'application/json' },
    }),
  );
}

beforeEach(() => vi.stubGlobal('fetch', answer));
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

/** Shows how the last answer was, so that a test can wait until it is drawn. */
function Asked() {
  return <p>answered: {useMe().status}</p>;
}

/** A page with something typed into it, after which it is asked again who this is. */
async function typedAndAskedAgain(next: () => Promise<Response>) {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  answer.mockImplementation(() => answered(200, ME));
  render(
    <QueryClientProvider client={client}>
      <MemoryRouter>
        <Asked />
        <SignedIn>
          <input aria-label="Note" />
        </SignedIn>
      </MemoryRouter>
    </QueryClientProvider>,
  );
  await userEvent.type(await screen.findByRole('textbox', { name: 'Note' }), 'red edge');
  answer.mockImplementation(next);
  await client.refetchQueries({ queryKey: ['me'] });
  await screen.findByText('answered: error');
}

describe('around everything that needs a household', () => {
  it.each([
    ['cannot be reached', () => Promise.reject(new TypeError('no network'))],
    ['is not well', () => answered(503, { detail: 'Try again soon.' })],
  ])('keeps what is typed while the server %s', async (_, next) => {
    await typedAndAskedAgain(next);
    expect(screen.getByRole<HTMLInputElement>('textbox', { name: 'Note' }).value).toBe('red edge');
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('shows nothing more to somebody who is refused', async () => {
    await typedAndAskedAgain(() => answered(403, { detail: 'You may not.' }));
    expect(await screen.findByText('You may not.')).toBeTruthy();
    expect(screen.queryByRole('textbox')).toBeNull();
  });
});
