// @vitest-environment jsdom
import { screen, within } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import type { Household } from '../../household/useMe';
import { rendered } from '../../test/rendered';
import type { DeviceSession } from './device';
import { begin, type GuidedSession, type Session, type Step } from './progress';
import { SessionPlayer } from './SessionPlayer';

vi.mock('../../api/client', () => ({ api: { PUT: () => Promise.resolve({}) } }));

const step = (id: string, kind: Step['kind'], next?: string, more: Partial<Step> = {}): Step => ({
  id,
  kind,
  round: 0,
  title: `Step ${id}`,
  what: `Do ${id}`,
  why: '',
  doneWhen: '',
  ...(next && { next }),
  ...more,
});

const RIGHT = { ear: 'RIGHT' } as const;

const SESSION = {
  purpose: 'CLEANING',
  order: ['RIGHT'],
  steps: [
    step('kit', 'KIT', 'position'),
    step('position', 'POSITION', 'check'),
    step('check', 'CHECK', 'wipe'),
    step('wipe', 'WIPE', 'load', RIGHT),
    step('load', 'LOAD', 'dry', RIGHT),
    step('dry', 'DRY', 'taken'),
    step('taken', 'TAKEN'),
  ],
  ears: {
    right: { ear: 'RIGHT', method: 'WIPE', habit: { expectedWipes: 2 }, reasons: [] },
    left: { ear: 'LEFT', habit: { expectedWipes: 2 }, reasons: [] },
  },
  position: { where: '', how: '', caution: '', reasons: [] },
  trust: { rung: 'FULL_SESSION' },
  reasons: [],
} as unknown as Session;

const HOUSEHOLD = { id: 'h', role: 'OWNER', settings: { facing: 'FRONT' } } as unknown as Household;

function begun(): DeviceSession {
  return {
    person: 'p',
    household: HOUSEHOLD,
    guided: {
      dogId: 'd',
      name: 'Fen',
      session: SESSION,
      bottles: [],
      laidOut: { right: {}, left: {} },
    } as unknown as GuidedSession,
    progress: begin(SESSION, {
      id: 's',
      ears: ['RIGHT'],
      fully: false,
      helper: false,
      now: new Date('2026-11-29T08:00:00Z'),
    }),
    paused: false,
  };
}

describe('a whole session by names and roles alone', () => {
  it('names each step, keeps the focus on what goes on, and says what is missing', async () => {
    const finished = vi.fn();
    const person = rendered(
      <SessionPlayer
        begun={begun()}
        onChecked={() => undefined}
        onFinish={finished}
        onLeave={() => undefined}
        onThrowAway={() => undefined}
      />,
      HOUSEHOLD,
    );
    const atStep = (title: string) => screen.getByRole('heading', { level: 2, name: title });
    const press = async (name: string) => {
      expect(document.activeElement).toBe(screen.getByRole('button', { name }));
      await person.keyboard('{Enter}');
    };
    expect(screen.getByRole('heading', { level: 1 }).textContent).toBe('Fen');
    atStep('Step kit');
    await press('All within reach');
    atStep('Step position');
    await press('It stands easy');
    await press('Still as it was: go on');

    atStep('Step wipe');
    await person.click(screen.getByRole('button', { name: 'A wipe' }));
    await person.click(screen.getByRole('button', { name: 'A wipe' }));
    expect(screen.getByLabelText('2 wipes')).toBeTruthy();
    await person.click(screen.getByRole('button', { name: 'Clean wipe: go on' }));

    atStep('Step load');
    const waits = screen.getByRole('button', { name: 'Choose what came out' });
    expect(waits.getAttribute('aria-disabled')).toBe('true');
    const loads = screen.getByRole('radiogroup', { name: 'What came out of the right ear' });
    await person.click(within(loads).getByRole('radio', { name: '1 trace' }));
    await person.click(screen.getByRole('button', { name: 'Go on' }));
    await press('All done');

    atStep('Step taken');
    await person.click(screen.getByRole('radio', { name: 'calm' }));
    await person.click(screen.getByRole('button', { name: 'To the summary' }));
    expect(finished).toHaveBeenCalledOnce();
    expect(finished.mock.calls[0]?.[0]).toMatchObject({
      handled: 'CALM',
      right: { wipes: 2, load: 1 },
    });
  });
});
