/** Cook: a plan in steps, and the crust beside the middle. */
import { expect, fixOf, forecastIsThere, goOn, recordReading, test, TURKEY } from './fixtures';

test('frozen into hot oil: dark before it is hot, thawed it is not; a way of cooking is taken, changed and taken back', async ({
  page,
}) => {
  await page.goto('/batch/demo-venison-half-moons/cook');
  await (await fixOf(page, 'Core', /^Turn up the flame/)).click();
  await expect(page.getByRole('heading', { name: 'Core: long enough, then measure' })).toBeVisible();
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
  await page.getByRole('button', { name: 'Change what it’s cooked in, step 3' }).click();
  await page
    .getByRole('radiogroup', { name: 'In, on or under, step 3' })
    .getByRole('radio', { name: 'rest in the room' })
    .click();
  await expect(page.getByText(/^3\. Rest in the room/)).toBeVisible();
  await expect(page.getByRole('heading', { name: /How it’s cooked.*fry, your own way/ })).toBeVisible();
  await page.reload();
  await expect(page.getByText(/^3\. Rest in the room/)).toBeVisible();
  await page.getByRole('button', { name: 'Leave step 3 out' }).click();
  await expect(page.getByRole('heading', { name: /How it’s cooked.*shallow-fry, turned/ })).toBeVisible();
});

test('water for a pan, the piece cut through at a minute, ice water taken off, and a holding time', async ({
  page,
}) => {
  await page.goto('/kitchen');
  await page.getByRole('button', { name: 'Try it in ice water' }).click();
  await page.getByLabel('It shows, °C').fill('1.5');
  await page.getByRole('button', { name: 'Keep what it shows in ice water' }).click();
  await expect(page.getByText(/showed 1\.5\s°C too much: that’s taken off/)).toBeVisible();
  await page.getByRole('radio', { name: '70 °C for 2 minutes' }).click();

  await goOn(page, `${TURKEY}/cook`);
  await forecastIsThere(page);
  const cut = page.getByRole('img', { name: /^Cut through after/ });
  await expect(cut).toHaveAccessibleName(/70\s°C has come/);
  const slider = page.getByRole('slider', { name: 'Minutes of cooking' });
  await slider.focus();
  await page.keyboard.press('End');
  await expect(cut).not.toHaveAccessibleName(/has come/);
  await page.keyboard.press('Home');
  await expect(cut).toHaveAccessibleName(/Cut through after 0\smin, a forecast: .18\s°C/);

  // What is typed is corrected; 71 to 73 is enough if you hold it.
  for (const shown of ['73', '73,5', '74']) await recordReading(page, shown);
  await expect(page.getByRole('heading', { name: 'Core: hold it there' })).toBeVisible();
  await expect(page.getByRole('status', { name: 'What the readings ask for' })).toContainText(
    /72\s°C is enough if you hold it/,
  );

  await page.getByRole('button', { name: 'Another way of cooking' }).click();
  await page.getByRole('radio', { name: 'sear, then a starch slurry that leaves a lace' }).click();
  await expect(page.getByText(/g of water, .* tablespoons: gone after about 7\smin/)).toBeVisible();
  await page.getByLabel('Water, step 2 (leave blank for what’s gone by then), g').fill('300');
  await expect(page.getByText(/Later than the step ends/)).toBeVisible();
  await expect(page.getByText(/hardly a lace/)).toBeVisible();
});
