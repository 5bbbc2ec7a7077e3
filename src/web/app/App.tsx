import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { RouterProvider } from 'react-router';
import { ThemeProvider } from 'styled-components';
import { AwayError } from '../api/problem-error';
import { useThemeStore } from '../stores/theme-store';
import { GlobalStyle } from '../theme/GlobalStyle';
import { themes } from '../theme/tokens';
import { router } from './router';

const client = new QueryClient({
  defaultOptions: {
    queries: {
      retry: (count, error) => error instanceof AwayError && count < 1,
      staleTime: 2000,
      networkMode: 'always',
    },
    mutations: { networkMode: 'always' },
  },
});

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
