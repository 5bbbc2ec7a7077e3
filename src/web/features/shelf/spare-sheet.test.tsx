/** @jest-environment jsdom */
import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import type { ShelfItem } from '../../../contracts';
import { renderInShell } from '../../testing-screen';
import { SpareSheet } from './SpareSheet';
import { spareOf } from './testing-spare';

const sent: { readonly method: string; readonly path: string; readonly body: unknown }[] = [];
const closed = jest.fn();
let answer: { readonly status: number; readonly body?: object } = { status: 204 };

const show = (item: ShelfItem | null, mayWrite = true) =>
  renderInShell(<SpareSheet item={item} mayWrite={mayWrite} onClose={closed} />);
const fill = (label: string, value: string) => fireEvent.change(screen.getByLabelText(label), { target: { value } });
const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));

beforeAll(() => {
  globalThis.fetch = ((path: string, { method, body }: { method: string; body?: string }) => {
    sent.push({ method, path, body: body === undefined ? null : JSON.parse(body) });
    const { status, body: said } = answer;
    return Promise.resolve({ ok: status < 400, status, json: () => Promise.resolve(said) });
  }) as typeof fetch;
});
beforeEach(() => {
  sent.splice(0);
  closed.mockReset();
});
afterEach(cleanup);

test('a new spare is sent with what was typed and nothing else, as not yet tested', async () => {
  answer = { status: 201, body: spareOf('Quiet supply') };
  show(null);
  fill('Name', ' Quiet supply ');
  fill('Paid', '24,50');
  press('Save');
  await waitFor(() => expect(closed).toHaveBeenCalledTimes(1));
  expect(sent[0]).toMatchObject({
    method: 'PUT',
    path: expect.stringMatching(/^\/api\/shelf\/[0-9a-f-]{36}$/) as string,
  });
  expect(sent[0]?.body).toEqual({
    expectedEdition: 0,
    part: { kind: 'supply', name: 'Quiet supply', paid: '24.50' },
    standing: 'untested',
  });
});

test('what is wrong is said at its field, and nothing is sent', () => {
  show(null);
  press('Save');
  expect(screen.getByText('Enter what it is.')).toBeTruthy();
  fill('Name', 'Quiet supply');
  expect(screen.queryByText('Enter what it is.')).toBeNull();
  fill('Paid', 'a lot');
  press('Save');
  expect(screen.getByLabelText('Paid').getAttribute('aria-invalid')).toBe('true');
  expect([sent.length, closed.mock.calls.length]).toEqual([0, 0]);
});

test('what somebody else changed meanwhile is said, and what was typed stays', async () => {
  answer = {
    status: 409,
    body: { type: 'about:blank', status: 409, code: 'edition', title: 'Somebody changed it meanwhile' },
  };
  show(spareOf('Bench supply', { edition: 4 }));
  fill('Name', 'Bench supply, quiet');
  press('Save');
  expect(await screen.findByText(/Somebody changed it meanwhile/)).toBeTruthy();
  expect(sent[0]?.body).toMatchObject({ expectedEdition: 4, part: { name: 'Bench supply, quiet' }, standing: 'good' });
  expect(screen.getByLabelText<HTMLInputElement>('Name').value).toBe('Bench supply, quiet');
  expect(closed).not.toHaveBeenCalled();
});

test('a spare is taken off at the second press, and not at all while it is lent', async () => {
  answer = { status: 204 };
  show(spareOf('Bench supply'));
  press('Take it off the shelf');
  expect(sent).toEqual([]);
  press('Press again to take it off');
  await waitFor(() => expect(closed).toHaveBeenCalledTimes(1));
  expect(sent[0]).toMatchObject({ method: 'DELETE' });
  cleanup();
  show(spareOf('Lent card', { lent: { caseId: 'one', caseNumber: 12, at: '2026-01-05T10:00:00Z' } }, 'card'));
  expect(screen.getByText('It is out for case 0012.')).toBeTruthy();
  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Take it off the shelf' }).disabled).toBe(true);
});

test('who may only look closes it', () => {
  show(spareOf('Bench supply'), false);
  expect(screen.queryByRole('button', { name: 'Take it off the shelf' })).toBeNull();
  fireEvent.click(screen.getAllByRole('button', { name: 'Close' }).at(-1) as HTMLElement);
  expect([sent.length, closed.mock.calls.length]).toEqual([0, 1]);
});
