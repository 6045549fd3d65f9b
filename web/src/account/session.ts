import { region } from '../measure/locale';
import { api, tokenHeader, type Schemas } from '../api/client';
import { forgetAnswers } from '../api/known';
import { answered, answeredPlain } from '../api/problem';

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

/** Says that an address is one's own, by the link that a mail brought; signed in or not. */
export async function confirmAddress(token: string): Promise<void> {
  await answered(api.POST('/api/addresses/{token}', { params: { path: { token } } }));
}

/** Ends the reminders that a link came with. */
export async function stopReminders(token: string): Promise<void> {
  await answered(api.POST('/api/stop/{token}', { params: { path: { token } } }));
}

export type Registration = Pick<
  Schemas['RegistrationRequest'],
  'name' | 'email' | 'password' | 'household' | 'invitation'
>;

export async function register(request: Registration): Promise<void> {
  await fetchToken();
  await answeredPlain(
    fetch('/api/people', {
      method: 'POST',
      headers: { ...tokenHeader(), 'Content-Type': 'application/json' },
      body: JSON.stringify({
        ...request,
        zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
        region: region(navigator.language),
      }),
    }),
  );
}
