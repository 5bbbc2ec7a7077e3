import { MutationCache, QueryCache, QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { RouterProvider } from 'react-router';
import { ThemeProvider } from 'styled-components';
import { restoreAnswers } from '../device/offline-cache';
import { AwayError, ProblemError } from '../api/problem-error';
import { leave } from '../api/session';
import { useThemeStore } from '../stores/theme-store';
import { GlobalStyle } from '../theme/GlobalStyle';
import { themes } from '../theme/tokens';
import { router } from './router';

/** The session is over: back to the doors, whatever was asked for. */
function onError(error: Error): void {
  if (error instanceof ProblemError && error.problem.code === 'not-signed-in') leave(client);
}

const client: QueryClient = new QueryClient({
  queryCache: new QueryCache({ onError }),
  mutationCache: new MutationCache({ onError }),
  defaultOptions: {
    queries: {
      retry: (count, error) => error instanceof AwayError && count < 1,
      staleTime: 2000,
      // Kept as long as the device keeps it for the time without the server.
      gcTime: Infinity,
      networkMode: 'always',
    },
    mutations: { networkMode: 'always' },
  },
});

/** What the device remembers is there before the first screen asks. */
export const ready = restoreAnswers(client);

export function App() {
  const name = useThemeStore((store) => store.name);
  return (
    <QueryClientProvider client={client}>
      <ThemeProvider theme={themes[name]}>
        <GlobalStyle />
        <RouterProvider router={router} />
      </ThemeProvider>
    </QueryClientProvider>
  );
}
