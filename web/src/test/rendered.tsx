import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, render } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import { afterEach } from 'vitest';
import { HouseholdContext, type Household } from '../household/useMe';

afterEach(cleanup);

/** Draws a part of a page as it stands in one, for a person of that household. */
export function rendered(part: ReactNode, household: Household, path = '/') {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  render(
    <QueryClientProvider client={client}>
      <MemoryRouter initialEntries={[path]}>
        <HouseholdContext value={household}>{part}</HouseholdContext>
      </MemoryRouter>
    </QueryClientProvider>,
  );
  return userEvent.setup();
}
