/** Note, as a cook after the first bite: soggy below, why, two of the changes taken, the next version knows where it comes from. */
import { expect, expectAccessible, goOn, HADDOCK, ownCopy, test, TURKEY } from './fixtures';

test('soggy below: why, the next version with what was taken, and the old one done', async ({ page }) => {
  await page.goto(`${HADDOCK}/note`);
  await page.getByRole('button', { name: 'bottom', exact: true }).click();
  const soggy = page.getByRole('checkbox', { name: /^soggy, bottom/ });
  await soggy.click();
  await expect(soggy).toHaveAccessibleName('soggy, bottom: clearly');
  await soggy.click();
  await expect(soggy).toHaveAccessibleName('soggy, bottom: a little');
  await page.getByRole('checkbox', { name: 'crisp, bottom' }).click();
  // Both cannot be: it is asked.
  await expect(page.getByText('Both soggy (bottom) and crisp (bottom)? Which was it?')).toBeVisible();
  await page.getByRole('checkbox', { name: /^crisp, bottom/ }).click();
  await page.getByRole('checkbox', { name: /^crisp, bottom/ }).click();
  await expect(page.getByText(/Which was it/)).toHaveCount(0);

  const why = page.getByRole('region', { name: 'Why soggy (bottom)' });
  await expect(why).toContainText(/g\sran from 100\sg while cooking; up to 6 is usual/, { timeout: 20_000 });
  const next = page.getByRole('region', { name: 'Next version' });
  const lines = next.getByRole('group');
  const all = await lines.count();
  expect(all).toBeGreaterThan(1);
  await expect(next).toContainText(/runs from 100\sg: 7\.6\sg → 2\.\d\sg/);
  await expectAccessible(page);

  // What was weighed is refused beside its field where it cannot be.
  const before = page.getByLabel('One before cooking, g');
  await before.fill('99999');
  await expect(before).toHaveAttribute('aria-invalid', 'true');
  await before.fill('1850');
  await page.getByLabel('Somebody else').fill('Aunt');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await page.getByRole('radiogroup', { name: 'Aunt' }).getByRole('radio', { name: 'so-so' }).click();
  await page.reload();
  await expect(soggy).toHaveAccessibleName('soggy, bottom: a little');
  await expect(before).toHaveValue(/^1.850$/);
  await expect(page.getByRole('radiogroup', { name: 'Aunt' }).getByRole('radio', { name: 'so-so' })).toBeChecked();

  // Of two that do the same by themselves the first is taken.
  await expect(lines).toHaveCount(all, { timeout: 20_000 });
  const kept = await lines.first().getAttribute('aria-label');
  await expect(next).toContainText(/instead of “.*”: either does it alone/);
  await expect(lines.last().getByRole('checkbox')).not.toBeChecked();
  await next.getByRole('button', { name: `Begin the next version with ${all - 1} of ${all}` }).click();
  await expect(page).toHaveURL(/\/fill$/);
  await page.getByRole('link', { name: 'Note' }).click();
  const versions = page.getByRole('region', { name: 'Versions' });
  await expect(versions).toContainText('Version 2, this one');
  await expect(versions).toContainText(kept ?? '');
  await expect(versions).toContainText('soggy');

  // The first one is done: it leaves the Bench, and stands in the Notebook.
  await versions.getByRole('link', { name: 'Version 1' }).click();
  await page.getByRole('button', { name: 'Done: into the Notebook' }).click();
  await expect(page.getByText(/is done and in the Notebook/)).toBeVisible();
  await goOn(page, '/');
  await expect(page.getByRole('article', { name: /haddock/i })).toHaveCount(1);
  await goOn(page, '/notebook');
  const noted = page.getByRole('article');
  await expect(noted.filter({ hasText: 'haddock' })).toHaveCount(1);
  // Found again by any word of it; begun again from there.
  await page.getByLabel('Find by ingredient, form, outcome or word').fill('purses bland');
  await expect(noted).toHaveCount(1);
  await expect(noted).toContainText('version 2');
  await page.getByLabel('Find by ingredient, form, outcome or word').fill('marzipan');
  await expect(page.getByText('Nothing matches.')).toBeVisible();
  await page.getByLabel('Find by ingredient, form, outcome or word').fill('bland');
  await page.getByRole('button', { name: /^Begin again: Turkey/ }).click();
  await expect(page).toHaveURL(/\/fill$/);
  await page.getByRole('link', { name: 'Note' }).click();
  await expect(versions).toContainText('Version 4, this one');
  await versions.getByRole('button', { name: 'Version 1: side by side with this one' }).click();
  await expect(versions.getByRole('row').filter({ hasText: 'Filling in each' })).toContainText(/48\sg.*28\sg/);
});

test('what a batch says of the band is learned where the cook says so, said by the check, and forgotten again', async ({
  page,
}) => {
  await page.goto(`${await ownCopy(page, TURKEY)}/note`);
  await page.getByRole('button', { name: 'bottom', exact: true }).click();
  await page.getByRole('checkbox', { name: /^soggy, bottom/ }).click();
  const learns = page.getByRole('region', { name: 'What this kitchen learns' });
  await expect(learns).toContainText(/within the right range, and still too wet/, { timeout: 20_000 });
  await expect(learns).toContainText(/18\.0\sg per\s100\sg → 1[67]\.\d/);
  await learns.getByRole('button', { name: 'Let the kitchen learn it' }).click();
  await expect(learns).toContainText('This batch has taught it already.');
  await page.getByRole('link', { name: /^Fill;/ }).click();
  await expect(page.getByText(/takes 1[67](?:\.\d)? in your kitchen/).first()).toBeVisible();
  await goOn(page, '/kitchen');
  const figure = page.getByRole('group', { name: /^Most loose liquid, a steamed bun/ });
  await expect(figure).toContainText(/Our estimate 18\.0\sg per\s100\sg; from 1 batch\./);
  await figure.getByRole('button', { name: /^Reset/ }).click();
  await expect(figure).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(figure).toBeVisible();
});
