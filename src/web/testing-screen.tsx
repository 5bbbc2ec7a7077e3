import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { configure, render } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import { ThemeProvider } from 'styled-components';
import type { Role } from '../contracts';
import { MeContext } from './shell/me';
import { themes } from './theme/tokens';

/** Of a server that nobody asks. */
const client = new QueryClient({
  defaultOptions: { queries: { retry: false, gcTime: Infinity, staleTime: Infinity } },
});

// On a busy machine a second is soon over before the device's storage answers.
configure({ asyncUtilTimeout: 10_000 });
// jsdom lays nothing out and scrolls nothing.
Element.prototype.scrollIntoView = () => undefined;
// jsdom knows no CSS.escape, which React Aria asks for names of list items.
Object.assign(globalThis, { CSS: { escape: (name: string) => name.replace(/[^\w-]/g, '\\$&') } });

/** What the server would answer, by the key of the question. */
export const answerWith = (key: string, answer: unknown): void => void client.setQueryData([key], answer);

/** Wraps what is tested in what every screen stands in: theme, router, and somebody who is signed in. */
export function inShell(children: ReactNode, { role = 'technician' }: { readonly role?: Role } = {}) {
  const me = { id: '1', login: 'runa', name: 'Runa', role, shop: { id: 's', name: 'Harbour bench' } };
  return (
    <QueryClientProvider client={client}>
      <ThemeProvider theme={themes.day}>
        <MemoryRouter>
          <MeContext value={me}>{children}</MeContext>
        </MemoryRouter>
      </ThemeProvider>
    </QueryClientProvider>
  );
}

export const renderInShell = (children: ReactNode, options?: { readonly role?: Role }) =>
  render(inShell(children, options));
