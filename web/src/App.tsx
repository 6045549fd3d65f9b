import CssBaseline from '@mui/material/CssBaseline';
import { ThemeProvider } from '@mui/material/styles';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { useState } from 'react';
import { createBrowserRouter, RouterProvider } from 'react-router';
import { Problem } from './api/problem';
import { routes } from './routes';
import { theme } from './theme/theme';

const RETRIES = 2;

function mayPass(failures: number, error: Error): boolean {
  return failures < RETRIES && (!(error instanceof Problem) || error.mayPass);
}

export function App() {
  const [client] = useState(
    () =>
      new QueryClient({
        defaultOptions: {
          // a request that cannot get through fails at once, so that what is kept here is used
          queries: { retry: mayPass, staleTime: 10_000, networkMode: 'always' },
          mutations: { networkMode: 'always' },
        },
      }),
  );
  const [router] = useState(() => createBrowserRouter(routes));
  return (
    <ThemeProvider theme={theme} defaultMode="system">
      <CssBaseline />
      <QueryClientProvider client={client}>
        <RouterProvider router={router} />
      </QueryClientProvider>
    </ThemeProvider>
  );
}
