import { api } from '../../api/client';
import type { Waiting } from '../../fact/queue';

/** The server's draft has done its work; one that stays is offered again and harms nothing. */
export async function forgetDraft(household: string, dog: string, session: string): Promise<void> {
  await api
    .DELETE('/api/households/{household}/dogs/{dog}/session-progress/{session}', {
      params: { path: { household, dog, session } },
    })
    .catch(() => undefined);
}

/** The same once what a session recorded is stored. */
export async function forgetDraftOf({ household, dogId, id, what }: Waiting): Promise<void> {
  if (what.kind === 'cleanings' || what.kind === 'practices') {
    await forgetDraft(household, dogId, id);
  }
}
