import { tokenHeader } from '../api/client';
import { forgetAnswers } from '../api/known';
import { answeredPlain } from '../api/problem';

/** Makes the server set its token, which everything that changes something sends back. */
async function fetchToken(): Promise<void> {
  await answeredPlain(fetch('/api/csrf'));
}

export async function signIn(email: string, password: string): Promise<void> {
  await fetchToken();
  await answeredPlain(
    fetch('/api/sign-in', {
      method: 'POST',
      headers: tokenHeader(),
      body: new URLSearchParams({ email, password }),
    }),
  );
}

export async function signOut(): Promise<void> {
  forgetAnswers();
  await fetchToken();
  await answeredPlain(fetch('/api/sign-out', { method: 'POST', headers: tokenHeader() }));
}

export async function register(request: {
  name: string;
  email: string;
  password: string;
  household: string;
}): Promise<void> {
  await fetchToken();
  await answeredPlain(
    fetch('/api/people', {
      method: 'POST',
      headers: { ...tokenHeader(), 'Content-Type': 'application/json' },
      body: JSON.stringify({
        ...request,
        zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
      }),
    }),
  );
}
