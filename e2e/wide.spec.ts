/** The same work on a wide screen: three columns, keys, and nothing merely stretched. */
import { expect, forecastIsThere, goOn, HADDOCK, test, TURKEY } from './fixtures';

test.use({ viewport: { width: 1280, height: 800 } });

test('section and checks, station, ledger: side by side; keys lead through', async ({ page }) => {
  await page.goto(`${HADDOCK}/fill`);
  await forecastIsThere(page);
  const section = await page.getByRole('img', { name: /^Section of one piece/ }).boundingBox();
  const check = await page.getByRole('region', { name: /^Moisture: too wet/ }).boundingBox();
  const ledger = await page.getByRole('table', { name: 'Where the water is' }).boundingBox();
  expect(section && check && ledger && section.x < check.x && check.x < ledger.x).toBe(true);

  await page.keyboard.press('3');
  await expect(page.getByRole('region', { name: /^Fit: closes easily/ })).toBeVisible();
  // Wrap is fetched when it is first opened: its work stands in the third column.
  await expect(page.getByRole('heading', { name: 'In this order' })).toBeVisible();
  await page.keyboard.press('4');
  await expect(page.getByRole('heading', { name: 'How the middle heats' })).toBeVisible();
  await page.keyboard.press('/');
  await expect(page.getByLabel('Add what goes in')).toBeFocused();
  await page.keyboard.type('14 g cornflour');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Moisture: right' })).toBeVisible();
  await page.getByLabel('Add what goes in').blur();
  await page.keyboard.press('z');
  await expect(page.getByRole('heading', { name: 'Moisture: too wet' })).toBeVisible();
  await page.keyboard.press('?');
  await expect(page.getByRole('status').getByText(/1–5 stations/)).toBeVisible();
});

test('mending from the list of checks, measured in Fahrenheit', async ({ page }) => {
  await page.goto('/kitchen');
  await page.getByRole('radio', { name: '°F', exact: true }).click();
  await goOn(page, `${TURKEY}/fill`);
  await page.getByRole('button', { name: /^Core: long enough/ }).click();
  for (const f of ['170', '168', '166']) {
    await page.getByLabel('Reading, °F').fill(f);
    await page.getByLabel('Reading, °F').press('Enter');
  }
  // Twelve of them; the second load is still to come.
  await expect(page.getByRole('region', { name: /^Core: more to cook/ }).getByText('166 °F')).toBeVisible();
});
