import { expect, type Locator, type Page } from '@playwright/test';

/** How somebody works: every key, or every touch, is counted; the letters of words are not. */
export interface Hands {
  readonly presses: number;
  /** By keyboard. */
  readonly types: boolean;
  /** Presses a button, by its key where it has one. */
  press(target: Locator, key?: string): Promise<void>;
  /** One more of a number. */
  more(label: string): Promise<void>;
  /** Writes into a field. */
  write(field: Locator, words: string): Promise<void>;
  /** Chooses from a list of the system: by its first letters, or by two touches. */
  pick(list: Locator, choice: string): Promise<void>;
  /** Chooses a radio, or ticks a box. */
  choose(option: Locator): Promise<void>;
}

const isFocused = (element: Element) => element === document.activeElement || element.contains(document.activeElement);

/** By keyboard alone: Tab as often as it takes, arrows within a group, a key where there is one. */
export function keysOf(page: Page): Hands {
  let presses = 0;
  const key = async (name: string) => {
    presses += 1;
    await page.keyboard.press(name);
  };
  const reach = async (target: Locator, arrives: (target: Locator) => Promise<boolean>) => {
    // Backwards where it stands before what has the focus.
    const isBefore = await target.evaluate((element) => {
      const now = document.activeElement;
      return now !== null && now !== document.body && (now.compareDocumentPosition(element) & 2) !== 0;
    });
    for (let n = 0; !(await arrives(target)); n++) {
      if (n > 60) throw new Error(`the Tab key never reached ${target.toString()}`);
      await key(isBefore ? 'Shift+Tab' : 'Tab');
    }
  };
  return {
    get presses() {
      return presses;
    },
    types: true,
    async press(target, own) {
      if (own) return key(own);
      await reach(target, (one) => one.evaluate(isFocused));
      await key('Enter');
    },
    async more(label) {
      await reach(page.getByRole('textbox', { name: label }), (one) => one.evaluate(isFocused));
      await key('ArrowUp');
    },
    async write(field, words) {
      await reach(field, (one) => one.evaluate(isFocused));
      await page.keyboard.insertText(words);
    },
    async pick(list, choice) {
      await reach(list, (one) => one.evaluate(isFocused));
      await list.selectOption(choice);
    },
    async choose(option) {
      if (await option.isChecked()) return;
      if ((await option.getAttribute('type')) === 'checkbox') {
        await reach(option, (one) => one.evaluate(isFocused));
        return key('Space');
      }
      // A group of radios is one stop: the arrows choose in it.
      const inGroup = (one: Locator) =>
        one.evaluate((element) => element.closest('[role=radiogroup]')?.contains(document.activeElement) === true);
      await reach(option, inGroup);
      const none = await option.evaluate(
        (element) => element.closest('[role=radiogroup]')?.querySelector('input:checked') === null,
      );
      if (none) await key('Space');
      const steps = await option.evaluate((element) => {
        const all = [...(element.closest('[role=radiogroup]')?.querySelectorAll('input') ?? [])];
        return all.indexOf(element as HTMLInputElement) - all.findIndex((one) => one.checked);
      });
      for (let n = 0; n < Math.abs(steps); n++) await key(steps > 0 ? 'ArrowDown' : 'ArrowUp');
      await expect(option).toBeChecked();
    },
  };
}

/** By touch alone. */
export function fingersOf(page: Page): Hands {
  let presses = 0;
  const tap = async (target: Locator) => {
    presses += 1;
    await target.tap();
  };
  return {
    get presses() {
      return presses;
    },
    types: false,
    press: (target) => tap(target),
    more: (label) => tap(page.getByRole('button', { name: `More: ${label}` })),
    async write(field, words) {
      if (!(await field.evaluate(isFocused))) await tap(field);
      await page.keyboard.insertText(words);
    },
    async pick(list, choice) {
      presses += 2;
      await list.selectOption(choice);
    },
    async choose(option) {
      if (await option.isChecked()) return;
      await tap(option.locator('xpath=ancestor::label'));
      await expect(option).toBeChecked();
    },
  };
}
