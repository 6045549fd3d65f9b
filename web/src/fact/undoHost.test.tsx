// @vitest-environment jsdom
import { screen } from '@testing-library/react';
import { useState } from 'react';
import { describe, expect, it, vi } from 'vitest';
import { Problem } from '../api/problem';
import type { Household } from '../household/useMe';
import { rendered } from '../test/rendered';
import { useOfferUndo } from './undo';
import { UndoHost } from './UndoHost';
import { useChange } from './useChange';

const HOUSEHOLD = { id: 'h', settings: { zone: 'UTC' } } as unknown as Household;

/** Answers from outside, one for each time something is said. */
function answers() {
  const ways: { resolve: () => void; reject: (problem: Problem) => void }[] = [];
  const say = vi.fn(() => new Promise<void>((resolve, reject) => ways.push({ resolve, reject })));
  return { say, of: (time: number) => ways[time]! };
}

function Form({ say }: { say: () => Promise<void> }) {
  const save = useChange(say);
  return (
    <>
      <button onClick={() => save.mutate(undefined)}>Save</button>
      {save.isError && <p>{save.error.message}</p>}
    </>
  );
}

function Pages({ say }: { say: () => Promise<void> }) {
  const [left, setLeft] = useState(false);
  const offer = useOfferUndo();
  return left ? (
    <button onClick={() => offer({ words: 'Swim noted.', undo: () => Promise.resolve() })}>
      Swim
    </button>
  ) : (
    <>
      <Form say={say} />
      <button onClick={() => setLeft(true)}>Leave</button>
    </>
  );
}

const button = (name: string) => screen.getByRole('button', { name });

/** A form that is being saved. */
async function saving() {
  const { say, of } = answers();
  const person = rendered(
    <UndoHost>
      <Pages say={say} />
    </UndoHost>,
    HOUSEHOLD,
  );
  await person.click(button('Save'));
  return { person, say, of };
}

describe('what is said around every page', () => {
  it('keeps what was not saved after its page was left, until it is saved', async () => {
    const { person, say, of } = await saving();
    await person.click(button('Leave'));
    of(0).reject(new Problem(0, 'No network.'));
    const alert = await screen.findByRole('alert');
    expect(alert.textContent).toContain('Not saved. No network.');

    await person.click(button('Swim'));
    expect(screen.getByRole('alert').textContent).toContain('Not saved. No network.');

    await person.click(button('Try again'));
    of(1).reject(new Problem(503, 'Still nothing.'));
    await screen.findByText(/Still nothing/);
    await person.click(button('Try again'));
    of(2).resolve();
    await screen.findByText('Swim noted.');
    expect(say).toHaveBeenCalledTimes(3);
  });

  it('says what was refused, and does not offer to be refused again', async () => {
    const { person, of } = await saving();
    await person.click(button('Leave'));
    of(0).reject(new Problem(400, 'That day has not come.'));
    await screen.findByText(/That day has not come/);
    expect(screen.queryByRole('button', { name: 'Try again' })).toBeNull();

    await person.click(button('Close'));
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('is silent while the form is there to say it', async () => {
    const { of } = await saving();
    of(0).reject(new Problem(0, 'No network.'));
    await screen.findByText('No network.');
    expect(screen.queryByRole('alert')).toBeNull();
  });
});
