// @vitest-environment jsdom
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import type { Household } from '../household/useMe';
import { rendered } from '../test/rendered';
import { blankForm } from './dogForm';
import { DogFormView } from './DogFormView';

vi.mock('./useInterval', () => ({ useInterval: () => ({}) }));
vi.mock('../view/useToday', () => ({ useToday: () => ({ data: { dogs: [] } }) }));
vi.mock('./breeds', () => ({ useBreeds: () => ({ data: [] }), crossOf: vi.fn() }));

const HOUSEHOLD = {
  id: 'h',
  role: 'OWNER',
  settings: { facing: 'FRONT', weightUnit: 'KG', scheduling: 'LEARNED', method: 'FILL' },
} as unknown as Household;

function form() {
  const save = vi.fn();
  const person = rendered(
    <DogFormView
      start={blankForm('2026-11-29')}
      today="2026-11-29"
      isNew
      save={save}
      saving={false}
      problem={null}
    />,
    HOUSEHOLD,
  );
  return { person, save };
}

const line = (label: string) => screen.getByRole('button', { name: new RegExp(`^${label}`) });

describe('the form for a dog', () => {
  it('asks three things, and shows the rest as a line each', async () => {
    const { person, save } = form();
    expect(screen.getAllByRole('textbox').map((field) => field.getAttribute('name'))).toEqual([
      'name',
    ]);
    expect(line('Water in the ears').textContent).toContain('monthly');
    expect(screen.queryByRole('group', { name: 'Water in the ears' })).toBeNull();

    await person.type(screen.getByRole('textbox', { name: 'Name' }), 'Fen');
    await person.click(line('Water in the ears'));
    const choices = screen.getByRole('group', { name: 'Water in the ears' });
    await person.click(within(choices).getByRole('button', { name: 'never' }));
    expect(line('Water in the ears').textContent).toContain('never');
    await person.click(screen.getByRole('button', { name: 'Save' }));

    await waitFor(() => expect(save).toHaveBeenCalledOnce());
    expect(save.mock.calls[0]?.[0]).toMatchObject({ name: 'Fen', life: { water: 'NEVER' } });
  });

  it('opens the line in which something is wrong, and keeps what was typed', async () => {
    const { person, save } = form();
    const weight = screen.getByRole('spinbutton', { name: 'Weight today, kg' });
    await person.type(weight, '300');
    await person.click(line('Born on'));
    fireEvent.change(screen.getByLabelText('Born on'), { target: { value: '2999-01-01' } });
    await person.click(line('Born on'));
    await person.click(screen.getByRole('button', { name: 'Save' }));

    expect(await screen.findByText('What is the dog called?')).toBeTruthy();
    expect(screen.getByText('A dog weighs from 0.1 to 120 kg.')).toBeTruthy();
    expect(await screen.findByText('This day is still to come.')).toBeTruthy();
    expect((weight as HTMLInputElement).value).toBe('300');
    expect(save).not.toHaveBeenCalled();
  });
});
