/** @jest-environment jsdom */
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { renderHook, waitFor } from '@testing-library/react';
import type { Session } from '../../contracts';
import { useSession } from './session';

const session = (me: Session['me']): Session => ({ demoAccounts: [], needsSetUp: false, me });
const somebody: Session['me'] = {
  id: '11111111-1111-4111-8111-111111111111',
  name: 'Ines',
  login: 'ines',
  role: 'technician',
  shop: { id: '22222222-2222-4222-8222-222222222222', name: 'Harbour works' },
};

/** A page that an earlier visit left a case to, and what the server says about the session. */
function visit(answer: Session) {
  const client = new QueryClient();
  client.setQueryData(['case', 'a'], { number: 1 });
  globalThis.fetch = () =>
    Promise.resolve({
      ok: true,
      status: 200,
      headers: { get: () => 'application/json' },
      json: () => Promise.resolve(answer),
      text: () => Promise.resolve(JSON.stringify(answer)),
    } as unknown as Response);
  const { result } = renderHook(() => useSession(), {
    wrapper: ({ children }) => <QueryClientProvider client={client}>{children}</QueryClientProvider>,
  });
  return { client, result };
}

test('a session that is over takes along what was kept of it, though no other request was refused', async () => {
  const { client, result } = visit(session(null));
  await waitFor(() => expect(result.current.data?.me).toBeNull());
  expect(client.getQueryData(['case', 'a'])).toBeUndefined();
});

test('who is still signed in keeps what was read', async () => {
  const { client, result } = visit(session(somebody));
  await waitFor(() => expect(result.current.data?.me?.login).toBe('ines'));
  expect(client.getQueryData(['case', 'a'])).toEqual({ number: 1 });
});
