/** Cook: a plan in steps, and the crust beside the middle. */
import { expect, fixOf, forecastIsThere, test } from './fixtures';

test('frozen into hot oil: dark before it is hot, thawed it is not; a way of cooking is taken, changed and taken back', async ({
  page,
}) => {
  await page.goto('/batch/demo-venison-half-moons/cook');
  await (await fixOf(page, 'Core', /^Turn the flame up/)).click();
  await expect(page.getByRole('heading', { name: 'Core: time enough, then measure' })).toBeVisible();
  await expect(page.getByText(/^Crust: brown after about \d+\smin/)).toBeVisible();
  await page.getByRole('radio', { name: 'frozen' }).click();
  await page.getByLabel('Heat, °C').fill('185');
  await expect(page.getByRole('heading', { name: 'Core: too brown before it is hot' })).toBeVisible();
  await forecastIsThere(page);
  await (await fixOf(page, 'Core', /^Thaw them in the fridge first, then \d+ min/)).click();
  await expect(page.getByRole('heading', { name: 'Core: too brown before it is hot' })).toHaveCount(0);
  await expect(page.getByRole('radio', { name: 'from the fridge' })).toHaveAttribute('aria-checked', 'true');

  // Another way, with a step of one's own.
  await page.getByRole('button', { name: 'Another way of cooking' }).click();
  await page.getByRole('radio', { name: 'shallow-fry, turned' }).click();
  await expect(page.getByText(/^2\. Turned, shallow oil, 170\s°C/)).toBeVisible();
  await page.getByRole('button', { name: 'Then another step' }).click();
  await page.getByRole('button', { name: 'Change what it is cooked in, step 3' }).click();
  await page
    .getByRole('radiogroup', { name: 'In, on or under, step 3' })
    .getByRole('radio', { name: 'rest in the room' })
    .click();
  await expect(page.getByText(/^3\. Rest in the room/)).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Deep-fry, your own way' })).toBeVisible();
  await page.reload();
  await expect(page.getByText(/^3\. Rest in the room/)).toBeVisible();
  await page.getByRole('button', { name: 'Leave step 3 out' }).click();
  await expect(page.getByRole('heading', { name: 'Shallow-fry, turned' })).toBeVisible();
});
