/** @jest-environment jsdom */
import { cleanup, fireEvent, render } from '@testing-library/react';
import { useCaseKeys } from './use-case-keys';

const handled: string[] = [];
const take = (key: string) => {
  handled.push(key);
  return key !== 'z';
};

/** A screen with one of each thing that a key may be pressed on. */
function Screen({ dialog = false }: { readonly dialog?: boolean }) {
  useCaseKeys(take);
  return (
    <>
      <input aria-label="words" />
      <input aria-label="box" type="checkbox" />
      <textarea aria-label="lines" />
      <select aria-label="list" />
      <button>press</button>
      {dialog && <div role="dialog" />}
    </>
  );
}

/** What a key did: what reached the screen, and whether the browser still acts on it. */
function press(on: Element, key: string, more: object = {}) {
  handled.splice(0);
  const isLeftToBrowser = fireEvent.keyDown(on, { key, ...more });
  return [handled.join(), isLeftToBrowser];
}

afterEach(cleanup);

test('a key outside of fields reaches the screen, in small letters, and is not the browser’s any more if it was used', () => {
  const { container } = render(<Screen />);
  expect(press(document.body, 'T')).toEqual(['t', false]);
  expect(press(document.body, 'z')).toEqual(['z', true]);
  for (const selector of ['button', '[type=checkbox]'])
    expect(press(container.querySelector(selector) as Element, '1')).toEqual(['1', false]);
});

test.each(['[aria-label=words]', 'textarea', 'select'])('a letter typed into %s stays there', (selector) => {
  const { container } = render(<Screen />);
  expect(press(container.querySelector(selector) as Element, 't')).toEqual(['', true]);
});

test.each([{ ctrlKey: true }, { metaKey: true }, { altKey: true }, { repeat: true }])(
  'nothing is done on %j: it is meant for the browser, or the key is still down',
  (more) => {
    render(<Screen />);
    expect(press(document.body, 't', more)).toEqual(['', true]);
  },
);

test('under a dialog the screen keeps still, and so does one that is gone', () => {
  const { rerender, unmount } = render(<Screen dialog />);
  expect(press(document.body, '1')).toEqual(['', true]);
  rerender(<Screen />);
  expect(press(document.body, '1')).toEqual(['1', false]);
  unmount();
  expect(press(document.body, '1')).toEqual(['', true]);
});
