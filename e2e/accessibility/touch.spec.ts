import { expect, test } from '../support/program';
import { views } from '../support/views';

test.use({ hasTouch: true });

/** The smallest target for a finger, in each direction, in CSS pixels. Text links in a sentence are let off. */
const finger = 44;

for (const [name, path] of views)
  test(`everything to press on the ${name} view is large enough for a finger`, async ({ page, demo }) => {
    await page.setViewportSize({ width: 820, height: 1180 });
    if (name === 'sign-in') await page.context().clearCookies();
    await page.goto(`${demo.url}${path}`);
    await page.getByRole('heading', { level: 1 }).waitFor();
    const small = await page.evaluate((least) => {
      const isShown = (element: Element) =>
        element.checkVisibility({ visibilityProperty: true, opacityProperty: true });
      const targets = [
        ...document.querySelectorAll('button, a[href], select, input, [role=button], [role=radio], [tabindex="0"]'),
      ];
      /** Boxes that take its presses: its own, that of its label, and of the row that a link is spread over. */
      const boxesOf = (element: Element) => {
        const isSpread = getComputedStyle(element, '::after').position === 'absolute';
        const others = [element.closest('label'), isSpread ? (element as HTMLElement).offsetParent : null];
        return [element, ...others].flatMap((one) => (one ? [one.getBoundingClientRect()] : []));
      };
      /** Hidden from the eye and kept for screen readers: it stands in a box of one pixel. */
      const isClipped = (element: Element): boolean => {
        for (let box = element.parentElement; box; box = box.parentElement)
          if (box.clientWidth <= 1 && box.clientHeight <= 1 && getComputedStyle(box).overflow === 'hidden') return true;
        return false;
      };
      const inText = (element: Element) => element.tagName === 'A' && getComputedStyle(element).display === 'inline';
      return (
        targets
          // What a sheet has for screen readers alone is for nobody's finger.
          .filter((element) => isShown(element) && !inText(element) && !isClipped(element))
          .filter((element) => !element.matches('button[aria-label=Dismiss]'))
          .map((element) => ({ element, boxes: boxesOf(element) }))
          .filter(({ boxes }) => boxes.every(({ width, height }) => width < least - 0.5 || height < least - 0.5))
          .filter(({ boxes }) => boxes.some(({ width, height }) => width > 1 && height > 1))
          .map(({ element, boxes: [box] }) => `${box?.width} × ${box?.height} ${element.outerHTML.slice(0, 140)}`)
      );
    }, finger);
    expect(small).toEqual([]);
  });
