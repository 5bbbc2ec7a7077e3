import { pickInstead, see, takeIn, title } from '../support/bench';
import { expect, test } from '../support/program';

test('a switch that is soldered to the board is said at the counter, and is bridged at its legs', async ({
  page,
  program,
}) => {
  await takeIn(page, program.url, {
    machine: 'Ticket kiosk',
    reported: 'Nothing at all',
    parts: (form) => form.getByRole('checkbox', { name: 'It is soldered to the board' }).check({ force: true }),
  });
  await see(page, 'Nothing at all');
  await pickInstead(page, 'Bridge the two legs of the switch');
  await expect(
    page.getByText('Find the two legs of the power switch where they come through the board.'),
  ).toBeVisible();
  await see(page, 'Starts and keeps running');
  await expect(title(page)).not.toHaveText('Check the front header');
  await expect(page.getByText('The switch lead is on the wrong pins')).toHaveCount(0);
  await expect(page.getByText('The case switch or its lead is broken').first()).toBeVisible();
});
