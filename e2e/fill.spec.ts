import { expect, expectAccessible, forecastIsThere, goOn, HADDOCK, ownCopy, test, TURKEY } from './fixtures';

test('the pan: weigh-ins are kept, override the estimate, and lead to the stop weight', async ({ page }) => {
  await page.goto(`${HADDOCK}/fill`);
  await expect(page.getByRole('heading', { name: 'Moisture: too wet' })).toBeVisible();
  await forecastIsThere(page);
  // `2 764 g`, with a thin space.
  const stopWeight = async () =>
    Number(
      (
        (await page
          .getByText(/^2\s[78]\d\d\sg$/)
          .first()
          .textContent()) ?? ''
      ).replace(/\D/g, ''),
    );
  const stop = await stopWeight();
  await page.getByRole('radio', { name: 'pan, heat and minutes' }).click();
  await page.getByLabel('Boiling, lid off, min').fill('5');
  await expect(page.getByText(/About 16\sg a minute, 80\sg\s+in all/)).toBeVisible();
  await page.getByLabel('Pan with filling now, g').fill('2900');
  await page.getByRole('button', { name: 'Note this weight' }).click();
  await expect(page.getByText(/55\sg boiled off; this one counts/)).toBeVisible();
  await expect(page.getByText('Water brought in, pan weighed')).toBeVisible();
  // The estimate is no longer asked for, and the scale stops where it did.
  await expect(page.getByRole('radio', { name: 'pan, heat and minutes' })).toHaveCount(0);
  await forecastIsThere(page);
  // Less filling steams off a little less while it cools: the stop weight follows by a few grams.
  expect(Math.abs((await stopWeight()) - stop)).toBeLessThanOrEqual(12);
  await page.getByLabel('Pan with filling now, g').fill(String(stop));
  await page.getByRole('button', { name: 'Note this weight' }).click();
  await expect(page.getByRole('heading', { name: 'Moisture: right' })).toBeVisible();
  await expect(page.getByText('Enough has boiled off.')).toBeVisible();
  await page.reload();
  await expect(page.getByText(/this one counts/)).toHaveCount(1);
  await expect(page.getByRole('heading', { name: 'Moisture: right' })).toBeVisible();
});

test('a part of the water line opens to the lines it comes from', async ({ page }) => {
  await page.goto(`${TURKEY}/fill`);
  await page.getByRole('button', { name: /^Where runs/ }).click();
  const list = page.getByRole('list', { name: 'Where it comes from' });
  await expect(list.getByRole('listitem').first()).toContainText('Turkey thigh mince');
  await expect(list).toContainText('Celeriac');
  await page.getByRole('button', { name: /^Where runs/ }).click();
  await expect(list).toHaveCount(0);
});

test('preparations side by side, a line split, an ingredient swapped', async ({ page }) => {
  await page.goto(`${TURKEY}/fill`);
  await page.getByRole('button', { name: /^Celeriac, 180\sg/ }).click();
  const roasted = page.getByRole('radio', { name: /^roasted: \d+\.\d\sg run in 100\sg, .* of waiting/ });
  const free = /: (\d+\.\d)/.exec((await roasted.getAttribute('aria-label')) ?? '')?.[1] ?? '';
  await roasted.click();
  await expect(
    page.getByText(new RegExp(`^${free}\\sg run from 100\\sg while cooking|^${free}\\sg run`)).first(),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Swap Celeriac' }).click();
  await page.getByLabel('Swap for').fill('swede');
  await expect(page.getByRole('table', { name: 'With swede' })).toContainText('Loose liquid');
  await expect(page.getByText('No longer contains: celery.')).toBeVisible();
  await page.getByRole('button', { name: 'Swap it' }).click();
  await expect(page.getByRole('button', { name: /^Swede, 180\sg/ })).toBeVisible();
  await page.getByRole('button', { name: 'Close Swede' }).click();

  await page.getByRole('button', { name: /^Turkey thigh mince, 420\sg/ }).click();
  await page.getByRole('button', { name: 'Split Turkey thigh mince' }).click();
  await page.getByRole('button', { name: 'Split the line' }).click();
  await expect(page.getByRole('button', { name: /^Turkey thigh mince, 210\sg/ })).toHaveCount(2);
});

test('ticks: what was forgotten is called out when its stage is over', async ({ page }) => {
  await page.goto(`${TURKEY}/fill`);
  await expect(page.getByText(/last chance to season/)).toBeVisible();
  await page.getByRole('button', { name: 'Soy sauce has gone in' }).click();
  await expect(page.getByText('Leek hasn’t gone in, and its stage is over. Can it still go in?')).toBeVisible();
  await page.getByRole('button', { name: 'It is in' }).click();
  await expect(page.getByText(/Leek hasn’t gone in/)).toHaveCount(0);
  await expect(page.getByText('1 of 7 in')).toBeVisible();
  await page.getByRole('button', { name: 'Stage is over' }).last().click();
  await expect(page.getByText(/Sesame oil hasn’t gone in/)).toBeVisible();
  await page.reload();
  await expect(page.getByText(/Sesame oil hasn’t gone in/)).toBeVisible();
});

test('holding back a third, tasting, and the target that learns', async ({ page }) => {
  await page.goto(`${await ownCopy(page, TURKEY)}/fill`);
  await page.getByRole('radio', { name: 'hold back a third' }).click();
  await expect(page.getByText(/First 2\.7\sg salt .* hold back 1\.3\sg/)).toBeVisible();
  await page.getByRole('button', { name: 'wants more salt' }).click();
  await expect(page.getByText(/Tasted at 0\.95\s%: wants more salt\. Add 1(\.\d)?\sg salt/)).toBeVisible();
  // Only on a tap; and what a tap has taught, undo takes back.
  await page.getByRole('button', { name: 'Let the kitchen learn from it' }).click();
  await goOn(page, '/kitchen');
  const aim = page.getByRole('group', { name: 'Salt you aim for' });
  await expect(aim).toContainText(/Our estimate 1\.10\s%; from 1 batch\./);
  await aim.getByRole('button', { name: /^Why/ }).click();
  await expect(aim).toContainText(/Tasted at 0\.95\s%: wants more salt\./);
  await aim.getByRole('button', { name: /^Reset/ }).click();
  await expect(aim).toHaveCount(0);
});

test('an ingredient of one’s own: checked, kept, used, and exported with the batch', async ({ page }) => {
  await page.goto('/larder');
  await page.getByRole('button', { name: 'Add one of your own' }).click();
  await page.getByLabel('What is it called?').fill('Smoky bean paste');
  await page.getByLabel('Fat, g per 100 g').fill('80');
  await page.getByLabel('Carbohydrate, g per 100 g').fill('40');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByText(/Not kept yet: Together 120\sg in 100\sg/)).toBeVisible();
  // What it is raw is never guessed.
  await expect(page.getByRole('alert').filter({ hasText: /^Choose one: it decides how hot/ })).toBeVisible();
  await page.getByRole('radio', { name: 'nothing that must be cooked' }).click();
  await page.getByLabel('Fat, g per 100 g').fill('6');
  await page.getByLabel('Carbohydrate, g per 100 g').fill('14');
  await page.getByLabel('Salt, g per 100 g').fill('4,2');
  await page.getByRole('radio', { name: 'a liquid or sauce' }).click();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('heading', { name: /Smoky bean paste/ })).toBeVisible();

  await goOn(page, `${TURKEY}/fill`);
  await page.getByLabel('Add what goes in').fill('2 tbsp smoky bean paste');
  await page.getByLabel('Add what goes in').press('Enter');
  await expect(page.getByRole('button', { name: /^Smoky bean paste, 2 tbsp\. .*counts 1\.3\sg salt/ })).toBeVisible();
  await page.getByRole('link', { name: 'Note' }).click();
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as a file' }).click();
  const file = await (await saved).path();
  const { readFileSync } = await import('node:fs');
  const json = JSON.parse(readFileSync(file, 'utf8')) as { ingredients: { name: string; salt: number }[] };
  expect(json.ingredients).toMatchObject([{ name: 'Smoky bean paste', salt: 4.2 }]);
});

test('lines go out as a table and come in again; a broken table is named and changes nothing', async ({ page }) => {
  await page.goto(`${TURKEY}/note`);
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Lines as a table' }).click();
  const table = await (await saved).path();
  await goOn(page, '/begin');
  await page.getByRole('button', { name: /^Dumpling: / }).click();
  await page.getByRole('button', { name: 'Begin', exact: true }).click();
  const open = async (file: string | { name: string; mimeType: string; buffer: Buffer }) => {
    const chooser = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: 'Import a spreadsheet' }).click();
    await (await chooser).setFiles(file);
  };
  await open({ name: 'odd.csv', mimeType: 'text/csv', buffer: Buffer.from('a,b\r\n1,2\r\n') });
  await expect(page.getByText(/row 1: the columns would be/)).toBeVisible();
  await open(table);
  await expect(page.getByRole('button', { name: /^Turkey thigh mince, 420\sg/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Sesame oil, 1½ tsp/ })).toBeVisible();
});

test('the card is one sheet of paper', async ({ page }) => {
  await page.goto(`${HADDOCK}/fill`);
  await page.getByRole('button', { name: 'Print the card' }).click();
  await expect(page.getByRole('heading', { name: 'Smoked haddock and leek pan pie' })).toBeVisible();
  await expect(page.getByText(/pan and filling 2.[78]\d\d\sg/)).toBeVisible();
  await expectAccessible(page);
  const pdf = (await page.pdf({ format: 'A4', preferCSSPageSize: false })).toString('latin1');
  expect(pdf.match(/\/Type\s*\/Page\b/g)).toHaveLength(1);
  await page.getByRole('button', { name: 'Back to the batch' }).click();
  await expect(page).toHaveURL(/\/fill$/);
});
