// @vitest-environment jsdom
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { forgetSession, keepSession, keptSession, type DeviceSession } from './device';

function session(id: string, seconds = 0): DeviceSession {
  return {
    person: 'wren',
    household: { id: 'marsh' },
    guided: { dogId: 'otter', session: { steps: [] } },
    progress: { id, seconds },
    paused: false,
  } as unknown as DeviceSession;
}

describe('a session on this device', () => {
  beforeEach(() => {
    localStorage.clear();
    forgetSession('otter');
  });

  it('is written whole once, and then only how far it got', () => {
    const running = session('a');
    keepSession(running);
    const set = vi.spyOn(Storage.prototype, 'setItem');
    keepSession({ ...running, progress: { ...running.progress, seconds: 7 }, paused: true });

    expect(set.mock.calls.map(([key]) => key)).toEqual(['evenlobe.reached.otter']);
    expect(keptSession('otter')).toMatchObject({ progress: { id: 'a', seconds: 7 }, paused: true });
  });

  it('does not take up where another one stood', () => {
    keepSession(session('a', 90));
    localStorage.setItem('evenlobe.session.otter', JSON.stringify(session('b', 3)));

    expect(keptSession('otter')?.progress).toMatchObject({ id: 'b', seconds: 3 });
  });

  it('that an earlier version of the app kept whole goes on', () => {
    localStorage.setItem('evenlobe.session.otter', JSON.stringify(session('a', 12)));

    expect(keptSession('otter')?.progress.seconds).toBe(12);
  });

  it('is gone once it is forgotten', () => {
    keepSession(session('a'));
    forgetSession('otter');

    expect(keptSession('otter')).toBeUndefined();
    expect(localStorage.length).toBe(0);
  });
});
