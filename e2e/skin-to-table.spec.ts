/** A message becomes parcels of a form that is drawn up and pinched: read, wrapped, cooked, measured, noted. */
import { alone, expect, forecastIsThere, recordReading } from './fixtures';

const MESSAGE = `Steamed lamb squares, 8 of them

220 g lamb mince
90 g onion, finely diced
1/2 tsp cumin
3 g salt

Noodle dough, rolled 1.5 mm, 11 cm squares. 35 g each, draw the four corners up and pinch all the edges shut. Steam 16 minutes.`;

alone(
  'pinched squares from a message: drawn flat and cut, another form’s skin said and taken back, measured, safe',
  async ({ page }) => {
    await page.clock.install({ time: new Date('2026-12-05T16:00:00Z') });
    await page.goto('/begin');
    await page.getByLabel('Paste a recipe').fill(MESSAGE);
    await expect(page.getByRole('list', { name: 'The five checks' })).toBeVisible();
    await page
      .getByRole('button', { name: /^Begin/ })
      .last()
      .click();
    await expect(page.getByText(/8 closed squares, raw filling, steamed/)).toBeVisible();

    await page.getByRole('link', { name: /^Wrap;/ }).click();
    await expect(page.getByRole('img', { name: 'square, laid flat: 110 mm' })).toBeVisible();
    await expect(page.getByRole('img', { name: /^Section of one piece/ }).first()).toBeVisible();
    await expect(page.getByRole('heading', { name: 'Fit: closes easily' })).toBeVisible();
    // Its edges are pinched: it has no mouth. An open one is an envelope.
    await expect(page.getByRole('radio', { name: 'small open mouth' })).toHaveCount(0);
    const form = page.getByRole('radiogroup', { name: 'Form' });
    await form.getByRole('radio', { name: 'three-cornered pie' }).click();
    await expect(
      page.getByText(/Three-cornered pies are not made from a square\. Taken instead: 110\smm skin/),
    ).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).last().click();
    await expect(page.getByRole('img', { name: 'square, laid flat: 110 mm' })).toBeVisible();

    await page.getByRole('link', { name: /^Cook;/ }).click();
    await forecastIsThere(page);
    await expect(page.getByRole('heading', { name: 'Core: long enough, then measure' })).toBeVisible();
    await page.getByRole('button', { name: /start the clock/ }).click();
    await page.clock.fastForward('16:00');
    for (const shown of ['82', '80', '81']) await recordReading(page, shown);
    await expect(page.getByRole('heading', { name: 'Core: measured hot enough' })).toBeVisible();
  },
);
