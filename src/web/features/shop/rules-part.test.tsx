/** @jest-environment jsdom */
import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { shopSettingsSchema, type ShopSettings } from '../../../contracts';
import { answerWith, renderInShell } from '../../testing-screen';
import { RulesPart } from './RulesPart';

/** A rule of the shop as it is pressed, kept, and refused. */

const settings: ShopSettings = shopSettingsSchema.parse({ allowsSupplyBridge: false, keepsShelf: false });
let sent: ShopSettings[];
let answer: (status: number, body: unknown) => void;

beforeEach(() => {
  sent = [];
  answerWith('shop-settings', settings);
  globalThis.fetch = ((_path: string, { body }: { body?: string } = {}) => {
    if (body !== undefined) sent.push(JSON.parse(body) as ShopSettings);
    return new Promise((resolve) => {
      answer = (status, said) => resolve({ ok: status < 400, status, json: () => Promise.resolve(said) });
    });
  }) as unknown as typeof fetch;
});
afterEach(cleanup);

const rule = () => screen.getByRole<HTMLInputElement>('checkbox', { name: /The list of the shelf is complete/ });

test('a rule shows as pressed at once, cannot be pressed twice, and stays once it is kept', async () => {
  renderInShell(<RulesPart />, { role: 'lead' });
  fireEvent.click(rule());
  expect(rule().checked).toBe(true);
  await waitFor(() => expect(rule().disabled).toBe(true));
  answer(200, sent[0]);
  await screen.findByText('Saved.');
  expect([rule().checked, sent.map(({ keepsShelf }) => keepsShelf)]).toEqual([true, [true]]);
});

test('a rule that was not kept falls back, and the reason is said', async () => {
  renderInShell(<RulesPart />, { role: 'lead' });
  fireEvent.click(rule());
  await waitFor(() => expect(sent).toHaveLength(1));
  answer(503, null);
  await screen.findByText(/^The server does not answer\. Nothing was lost/);
  expect(rule().checked).toBe(false);
});
