/** @jest-environment jsdom */
import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import type { OwnerView } from '../../../contracts';
import { renderInShell } from '../../testing-screen';
import { OwnerPage } from './OwnerPage';

const view: OwnerView = {
  shop: 'Harbour bench',
  number: '0012',
  machine: 'Tide gauge',
  complaint: 'It is dead',
  openedAt: '2026-01-05T10:00:00Z',
  state: 'It waits for a supply.',
  waitingUntil: '2026-01-09T10:00:00Z',
  estimate: {
    id: '00000000-0000-4000-8000-000000000001',
    low: '40',
    high: '95',
    currency: 'EUR',
    givenAt: '2026-01-05T11:00:00Z',
    words: null,
    answer: null,
  },
  isOpen: true,
  hasSheet: false,
};

let asked: { path: string; body: unknown }[];
let answers: { status: number; body: unknown }[];
let links = 0;

beforeEach(() => {
  asked = [];
  answers = [];
  // Each test has a link of its own, as answers are kept by link.
  window.location.hash = `#link-${++links}`;
  globalThis.fetch = ((path: string, { body }: { body: string }) => {
    asked.push({ path, body: JSON.parse(body) });
    const { status, body: said } = answers.shift() ?? { status: 200, body: view };
    return Promise.resolve({ ok: status < 400, status, json: () => Promise.resolve(said) });
  }) as unknown as typeof fetch;
});
afterEach(cleanup);

test('the token goes in the body, and the page says where the case stands', async () => {
  renderInShell(<OwnerPage />);
  await screen.findByText('It waits for a supply.');
  expect(asked).toEqual([{ path: '/api/owner/look', body: { token: `link-${links}` } }]);
  expect(screen.getByText('40 to 95 EUR')).toBeTruthy();
  expect(screen.queryByRole('button', { name: /PDF/ })).toBeNull();
});

test('accepting says up to what, sends the word along, and is not asked again', async () => {
  renderInShell(<OwnerPage />);
  await screen.findByText(/may spend up to 95 EUR/);
  fireEvent.change(screen.getByLabelText('A word to the shop'), { target: { value: ' Go on ' } });
  const { estimate } = view;
  answers.push({
    status: 200,
    body: { ...view, estimate: { ...estimate, answer: { isAccepted: true, at: '2026-01-05T12:00:00Z' } } },
  });
  fireEvent.click(screen.getByRole('button', { name: 'Accept up to 95 EUR' }));
  await screen.findByText(/You accepted it/);
  expect(asked.at(-1)?.body).toEqual({
    token: `link-${links}`,
    estimate: estimate?.id,
    isAccepted: true,
    words: 'Go on',
  });
  expect(screen.queryByRole('button', { name: 'Decline' })).toBeNull();
});

test('an estimate that changed meanwhile is said, and the newer one is shown', async () => {
  renderInShell(<OwnerPage />);
  await screen.findByText('40 to 95 EUR');
  answers.push({
    status: 409,
    body: { type: 'x', title: 'The estimate has changed', status: 409, code: 'other-estimate', detail: 'Look at it.' },
  });
  answers.push({ status: 200, body: { ...view, estimate: { ...view.estimate, low: '80', high: '200' } } });
  fireEvent.click(screen.getByRole('button', { name: 'Decline' }));
  await screen.findByText('Look at it.');
  await waitFor(() => expect(screen.getByText('80 to 200 EUR')).toBeTruthy());
});

test('a link that opens nothing says so', async () => {
  answers.push({
    status: 404,
    body: { type: 'x', title: 'This link does not open a case', status: 404, code: 'no-such-link' },
  });
  renderInShell(<OwnerPage />);
  expect((await screen.findByRole('heading', { level: 1 })).textContent).toBe('This link does not open a case');
});

test('a closed case offers its sheet and asks nothing more', async () => {
  answers.push({ status: 200, body: { ...view, state: 'It is repaired and ready.', isOpen: false, hasSheet: true } });
  renderInShell(<OwnerPage />);
  await screen.findByRole('button', { name: 'Save what was done (PDF)' });
  expect(screen.queryByRole('button', { name: /^Accept/ })).toBeNull();
});
