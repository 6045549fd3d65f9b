// @vitest-environment jsdom
import { screen, within } from '@testing-library/react';
import { useState } from 'react';
import { describe, expect, it, vi } from 'vitest';
import { rendered } from '../test/rendered';
import { beginRound, type RoundRun, type RoundSheet } from './round';
import { RoundPlayer } from './RoundPlayer';
import { HOUSEHOLD, sheetOf } from './sheet.fixture';

const queued = vi.hoisted(() => [] as { name: string; what: { kind: string } }[]);

vi.mock('../fact/queue', () => ({
  enqueue: (one: (typeof queued)[number]) => queued.push(one),
  send: () => Promise.resolve(false),
  useWaiting: () => [],
}));

const SHEET = sheetOf({ Ash: 'WIPE', Birch: 'LOOK' });

function Played({ sheet = SHEET }: { sheet?: RoundSheet }) {
  const [run, setRun] = useState<RoundRun>(() =>
    beginRound(sheet, {
      person: 'p',
      household: HOUSEHOLD,
      helper: false,
      now: new Date(),
      newId: () => crypto.randomUUID(),
    }),
  );
  return (
    <RoundPlayer
      run={run}
      sheet={sheet}
      onRun={setRun}
      onSheet={() => undefined}
      onLeave={() => undefined}
      onEnd={() => undefined}
    />
  );
}

describe('a round by names and roles alone', () => {
  it('goes from a quiet dog to the next in six taps, and the name of that one has the focus', async () => {
    const person = rendered(<Played />, HOUSEHOLD);
    const button = (name: RegExp) => screen.getByRole('button', { name });
    const next = () => button(/^(Look and sniff|What came out|How it took|Next|Done)/);
    expect(screen.getByRole('heading', { level: 1 }).textContent).toBe('Ash');
    expect(next().getAttribute('aria-disabled')).toBe('true');

    await person.click(button(/right ear is as usual/));
    await person.click(button(/left ear is as usual/));
    expect(button(/left ear is as usual/).getAttribute('aria-pressed')).toBe('true');
    expect(
      within(screen.getByRole('group', { name: 'What the look says' })).getAllByText('quiet'),
    ).toHaveLength(2);
    for (const ear of ['right ear', 'left ear']) {
      const loads = screen.getByRole('radiogroup', { name: `What came out of the ${ear}` });
      await person.click(within(loads).getByRole('radio', { name: '1 trace' }));
    }
    await person.click(screen.getByRole('radio', { name: 'calm' }));
    expect(next().textContent).toBe('Next: Birch');
    await person.click(next());

    expect(screen.getByRole('heading', { level: 1 }).textContent).toBe('Birch');
    expect(document.activeElement).toBe(screen.getByRole('heading', { level: 1 }));
    expect(queued.map(({ name, what }) => [name, what.kind])).toEqual([
      ['Ash', 'checks'],
      ['Ash', 'cleanings'],
    ]);
  });

  it('warns at once of what a wipe smells of, and keeps no ear that was left alone', async () => {
    const person = rendered(<Played />, HOUSEHOLD);
    for (const ear of ['right', 'left']) {
      await person.click(
        screen.getByRole('button', { name: new RegExp(`${ear} ear is as usual`) }),
      );
    }
    await person.click(screen.getByRole('button', { name: 'Foul smell, left ear' }));
    expect(screen.getByRole('alert').textContent).toContain('no more liquid into the left ear');
    await person.click(screen.getByRole('button', { name: 'Leave the left ear alone' }));
    expect(screen.queryByRole('alert')).toBeNull();
    expect(screen.queryByRole('radiogroup', { name: 'What came out of the left ear' })).toBeNull();
  });

  it('says on the screen of a dog that bites what comes first, and of no other', async () => {
    const biting = sheetOf({ Ash: 'WIPE', Birch: 'WIPE' });
    const ash = biting.sessions[0];
    if (ash) ash.session.position.bites = true;
    const person = rendered(<Played sheet={biting} />, HOUSEHOLD);
    expect(screen.getByRole('alert').textContent).toBe('Muzzle on before you begin.');
    await person.click(screen.getByRole('button', { name: 'Later' }));
    expect(screen.getByRole('heading', { level: 1 }).textContent).toBe('Birch');
    expect(screen.queryByRole('alert')).toBeNull();
  });
});
