/** The path: open the demo, see what is wrong, mend it, measure, find all of it again after a reload. */
import { type Page } from '@playwright/test';
import { alone, expect, fixOf, forecastIsThere, recordReading, test } from './fixtures';

/** A raw courgette among the meat: wet at the board and in the heat. */
async function withCourgette(page: Page) {
  await page.getByLabel('Add what goes in').fill('400 g courgette, grated');
  await page.getByLabel('Add what goes in').press('Enter');
  await expect(page.getByRole('heading', { name: /^Moisture: too wet/ })).toBeVisible();
}

alone('from a filling too wet to three readings, and all of it is there after a reload', async ({ page }) => {
  await page.goto('/');
  const turkey = page.getByRole('article', { name: 'Turkey and celeriac purses' });
  await expect(turkey.getByLabel('Moisture: Good')).toBeVisible();
  await turkey.getByRole('link', { name: 'Turkey and celeriac purses', exact: true }).click();
  await withCourgette(page);
  await expect(page.getByText(/this dough takes 18/)).toBeVisible();
  await forecastIsThere(page);
  const fix = await fixOf(page, 'Moisture', /^Courgette: salted and squeezed/);
  const promised = /→ (\d+\.\d)/.exec((await fix.getAttribute('aria-label')) ?? '')?.[1];
  await fix.click();
  await expect(page.getByRole('heading', { name: 'Moisture: right' })).toBeVisible();
  // The promise is what is found.
  await expect(page.getByText(`${promised} g run from 100 g`)).toBeVisible();
  await expect(page.getByRole('button', { name: /^Courgette, 400\sg\. salted and squeezed/ })).toBeVisible();

  await page.getByRole('link', { name: /^Cook;/ }).click();
  await forecastIsThere(page);
  await expect(page.getByRole('heading', { name: 'Core: long enough, then measure' })).toBeVisible();
  await recordReading(page, '75');
  await expect(page.getByRole('heading', { name: 'Core: measure more' })).toBeVisible();
  await recordReading(page, '66');
  await expect(page.getByRole('heading', { name: 'Core: load 1 not hot enough' })).toBeVisible();
  // What is measured in the same minute is of the same round: the lowest counts.
  await recordReading(page, '77');
  await expect(page.getByRole('heading', { name: 'Core: load 1 not hot enough' })).toBeVisible();
  await page.clock.setFixedTime(Date.now() + 15 * 60_000);
  for (const celsius of ['77', '76,5', '79']) await recordReading(page, celsius);
  // The second tier of the day speaks for itself.
  await expect(page.getByRole('heading', { name: 'Core: more to cook' })).toBeVisible();
  await page.getByRole('radio', { name: 'Load 2' }).click();
  for (const celsius of ['77', '76,5', '79']) await recordReading(page, celsius);
  await expect(page.getByRole('heading', { name: 'Core: measured hot enough' })).toBeVisible();

  await page.getByRole('link', { name: 'Note' }).click();
  await page.getByRole('checkbox', { name: 'just right' }).click();
  await page.getByLabel('In your own words').fill('A little more ginger next time.');

  await page.reload();
  await expect(page.getByRole('checkbox', { name: 'just right' })).toHaveAttribute('aria-checked', 'true');
  await expect(page.getByLabel('In your own words')).toHaveValue('A little more ginger next time.');
  await page.getByRole('link', { name: /^Cook;/ }).click();
  await expect(page.getByRole('heading', { name: 'Core: measured hot enough' })).toBeVisible();
  await page.getByRole('link', { name: /^Fill;/ }).click();
  await expect(page.getByRole('heading', { name: 'Moisture: right' })).toBeVisible();
});

test('a fix is undone with one tap, from the notice and from the header', async ({ page }) => {
  await page.goto('/batch/demo-turkey-purses/fill');
  await withCourgette(page);
  for (const undo of ['notice', 'header']) {
    await (await fixOf(page, 'Moisture', /^Courgette: salted and squeezed/)).click();
    await expect(page.getByRole('button', { name: /^Courgette, 400\sg\. salted and squeezed/ })).toBeVisible();
    if (undo === 'notice') await page.getByRole('status').getByRole('button', { name: 'Undo' }).click();
    else await page.getByRole('main').getByRole('button', { name: 'Undo', exact: true }).click();
    await expect(page.getByRole('button', { name: /^Courgette, 400\sg\. grated, raw/ })).toBeVisible();
  }
});

test('a batch is begun from nothing, filled by typing, and its checks follow', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Begin a batch' }).click();
  await page.getByRole('button', { name: /^Dumpling: / }).click();
  await page.getByLabel('What you call it').fill('Leek and mushroom half-moons');
  await page.getByRole('radio', { name: 'Cooked', exact: true }).click();
  await page.getByRole('button', { name: 'Begin', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Moisture: nothing in it yet' })).toBeVisible();
  for (const [text, name] of [
    ['400 g mushrooms', 'Mushrooms'],
    ['1 1/2 tbsp soy sauce', 'Soy sauce'],
    ['150g lek', 'Leek'],
  ]) {
    await page.getByLabel('Add what goes in').fill(text);
    await page
      .getByRole('listitem')
      .getByRole('button', { name: new RegExp(`^Add .* ${name}$`) })
      .click();
    await expect(page.getByLabel('Add what goes in')).toHaveValue('');
  }
  await expect(page.getByRole('button', { name: /^Soy sauce, 1½ tbsp/ })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Moisture: too wet' })).toBeVisible();

  await page.getByRole('button', { name: /^Mushrooms, 400\sg/ }).click();
  await page.getByRole('radio', { name: /^browned dry/ }).click();
  await expect(page.getByRole('radio', { name: 'before preparing' })).toHaveAttribute('aria-checked', 'true');
  await expect(page.getByText('cooked off').first()).toBeVisible();

  // Bad input is said beside the field; the last good amount stays.
  await page.getByLabel('Amount of mushrooms, g').fill('-5');
  await expect(page.getByText(/Type a number, such as 1½/)).toBeVisible();
  await page.getByLabel('Amount of mushrooms, g').fill('900000');
  await expect(page.getByText(/^At most/)).toBeVisible();
  await page.reload();
  await expect(page.getByRole('button', { name: /^Mushrooms, 400\sg/ })).toBeVisible();
});

test('from the words of a recipe to a filling that is neither wet nor bland', async ({ page }) => {
  await page.goto('/begin');
  await page.getByRole('button', { name: /^Dumpling: / }).click();
  await page.getByRole('button', { name: 'Begin', exact: true }).click();
  await page.getByRole('button', { name: 'Paste a list or a recipe' }).click();
  const field = page.getByLabel('One ingredient a line, as the recipe has it; its method may follow');
  await field.fill(
    '1 lb ground pork\n2 cups shredded cabbage\n3 scallions, sliced\n1 thumb of ginger, grated\n1 tbsp soy sauce\n350 ml stock\nsome moondust\nsalt to taste\n1 egg, to glaze',
  );
  const understood = page.getByRole('list', { name: 'What was understood' });
  await expect(understood.getByText('454 g')).toBeVisible();
  // Long questions wrap: nothing of it stands beside the screen.
  const box = await understood.boundingBox();
  expect((box?.x ?? 0) + (box?.width ?? Infinity)).toBeLessThanOrEqual(390);
  await expect(understood.getByText(/The Larder doesn’t have “(some )?moondust”/)).toBeVisible();
  await expect(page.getByRole('list', { name: 'Left out of the sums' })).toContainText('1 egg, to glaze');
  await page.getByRole('button', { name: 'Put 6 lines in' }).click();
  // What was not understood is still there.
  await expect(field).toHaveValue('some moondust');
  await expect(page.getByRole('button', { name: /^Pork mince, 1 lb/ })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Salt: right' })).toBeVisible();
  await expect(page.getByRole('heading', { name: /^Moisture: too wet/ })).toBeVisible();
  await (await fixOf(page, 'Moisture', /^Only .* of the unsalted stock/)).click();
  // What is left is the cabbage's.
  await expect(page.getByRole('heading', { name: 'Moisture: a little loose to wrap' })).toBeVisible();
  await (await fixOf(page, 'Moisture', /^White cabbage: salted and squeezed/)).click();
  await expect(page.getByRole('heading', { name: 'Moisture: right' })).toBeVisible();
});

test('binders side by side, a slip of the spoon asked after, the filling scaled', async ({ page }) => {
  await page.goto('/batch/demo-haddock-pan-pie/fill');
  await page.getByRole('button', { name: /^Take .* tapioca starch/ }).click();
  await expect(page.getByRole('button', { name: /^Tapioca starch, / })).toBeVisible();
  await page.getByLabel('Add what goes in').fill('3 tbsp ground allspice');
  await page.getByLabel('Add what goes in').press('Enter');
  await expect(page.getByText(/^Allspice is far above the usual/)).toBeVisible();
  await page.getByRole('button', { name: 'Teaspoons, then' }).click();
  await expect(page.getByText(/^Allspice is far above the usual/)).toHaveCount(0);
  await page.getByRole('radio', { name: 'a multiple' }).click();
  await page.getByLabel('Times, ×').fill('2');
  await page.getByRole('button', { name: 'Scale it', exact: true }).click();
  await expect(page.getByRole('button', { name: /^Smoked haddock, 1\s800\sg/ })).toBeVisible();
});

test('cooling: too slow in a deep pot, an alternative mends it, the ledger follows', async ({ page }) => {
  await page.goto('/batch/demo-pumpkin-half-moons/cool');
  await forecastIsThere(page);
  await page.getByLabel('Depth, mm').fill('90');
  await page.getByRole('radio', { name: 'covered', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Cooling: too slow' })).toBeVisible();
  await (await fixOf(page, 'Cooling', /^Spread to 20\smm/)).click();
  await expect(page.getByRole('heading', { name: 'Cooling: in good time' })).toBeVisible();
  await expect(page.getByLabel('Depth, mm')).toHaveValue('20');
  await page.getByRole('link', { name: /^Fill;/ }).click();
  await expect(page.getByText('steamed off').first()).toBeVisible();
});

test('wrap: overfilled splits, the section cracks and the fix closes it', async ({ page }) => {
  await page.goto('/batch/demo-turkey-purses/wrap');
  await page.getByLabel('Filling in each, g').fill('52');
  await expect(page.getByRole('heading', { name: 'Fit: overfilled, will split' })).toBeVisible();
  await expect(page.getByRole('img', { name: /^Section of one piece.*filling 52\sg/ })).toBeVisible();
  await page.getByRole('button', { name: /^Take \d\d\sg instead of 52\sg/ }).click();
  await expect(page.getByRole('heading', { name: 'Fit: closes easily' })).toBeVisible();
});

test('why? shows the arithmetic, with estimates called estimates', async ({ page }) => {
  await page.goto('/batch/demo-haddock-pan-pie/fill');
  await page.getByRole('button', { name: 'Why? Moisture: too wet' }).click();
  await expect(page.getByText('While cooking: Milk, as it is, lets go of')).toBeVisible();
  await expect(page.getByText('of which the oven takes')).toBeVisible();
  await expect(page.getByText('our estimate').first()).toBeVisible();
});
