import { api, tokenHeader } from '../api/client';
import { answered, answeredPlain } from '../api/problem';

/** Whether this browser makes passkeys, and makes them for the name that the app is open under. */
export function passkeysWork(madeFor: string | undefined): boolean {
  const host = window.location.hostname;
  return (
    madeFor !== undefined &&
    (host === madeFor || host.endsWith(`.${madeFor}`)) &&
    typeof window.PublicKeyCredential === 'function' &&
    typeof PublicKeyCredential.parseCreationOptionsFromJSON === 'function'
  );
}

/** What the person did at the browser's own question, where they did not go on with it. */
const GIVEN_UP = 'No passkey was given. Try again, or use the password.';

/** What the browser answered, as it writes it. */
async function written(asked: Promise<Credential | null>): Promise<object> {
  const given = await asked.catch(() => null);
  if (!(given instanceof PublicKeyCredential)) throw new Error(GIVEN_UP);
  const json: unknown = given.toJSON();
  return typeof json === 'object' && json !== null ? json : {};
}

/** Makes one on this device; the browser asks who is there. */
export async function makePasskey(): Promise<void> {
  const begun = await answered(api.POST('/api/me/passkeys/begun'));
  const publicKey = PublicKeyCredential.parseCreationOptionsFromJSON(
    // the browser reads it and refuses what it does not know
    begun as unknown as PublicKeyCredentialCreationOptionsJSON,
  );
  const credential = await written(navigator.credentials.create({ publicKey }));
  await answered(
    api.POST('/api/me/passkeys', { body: { credential: credential as Record<string, object> } }),
  );
}

/** Signs in with one; the browser asks which. */
export async function signInWithPasskey(): Promise<void> {
  const asked = await answered(api.POST('/api/passkey-challenges'));
  const publicKey = PublicKeyCredential.parseRequestOptionsFromJSON(
    // the browser reads it and refuses what it does not know
    asked as unknown as PublicKeyCredentialRequestOptionsJSON,
  );
  const credential = await written(navigator.credentials.get({ publicKey }));
  await answeredPlain(
    fetch('/api/passkey-sign-in', {
      method: 'POST',
      headers: { ...tokenHeader(), 'Content-Type': 'application/json' },
      body: JSON.stringify(credential),
    }),
  );
}
