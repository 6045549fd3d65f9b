// @vitest-environment jsdom
import { QueryClient } from '@tanstack/react-query';
import { beforeEach, describe, expect, it } from 'vitest';
import { othersChanged, ownChange } from './useLiveChanges';

describe('changes of a household', () => {
  let client: QueryClient;
  const others = (number: number) => othersChanged(client, 'marsh', number);

  beforeEach(() => {
    client = new QueryClient();
    others(7);
  });

  it('are nobody else’s where the number has moved by the own one only', () => {
    ownChange(client, 'marsh', 8);
    ownChange(client, 'marsh', 9);
    expect(others(9)).toBe(false);
  });

  it('of others are still seen where an own one came after', () => {
    ownChange(client, 'marsh', 9);
    expect(others(9)).toBe(true);
    expect(others(9)).toBe(false);
  });

  it('are seen where somebody else made them', () => {
    expect(others(8)).toBe(true);
  });

  it('that changed nothing, as a retry, hide nothing', () => {
    ownChange(client, 'marsh', 7);
    expect(others(8)).toBe(true);
  });
});
