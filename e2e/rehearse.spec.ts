/** A soggy bottom noted, two of three changes taken, the next version cooked in a rehearsal, noted good: its kitchen has learned. */
import { type Page } from '@playwright/test';
import { alone, expect, expectAccessible, goOn } from './fixtures';

const station = (page: Page, name: string) => page.getByRole('link', { name: new RegExp(`^${name}(;|$)`) }).click();
const faster = (page: Page) => page.getByRole('radio', { name: '60×' }).click();
/** Minutes in the rehearsal’s kitchen, at sixty times. */
const pass = (page: Page, minutes: number) => page.clock.fastForward(minutes * 1000);

alone(
  'soggy below, why, two of three changes, rehearsed, noted good: the kitchen’s band has moved a little',
  async ({ page }) => {
    await page.clock.install({ time: new Date('2026-12-05T09:00:00Z') });
    await page.goto('/begin');
    await page.getByRole('button', { name: /^Pasty: / }).click();
    await page.getByLabel('What you call it').fill('Chicken and leek pockets');
    await page.getByLabel('Pieces, count').fill('7');
    await page.getByRole('button', { name: 'Begin', exact: true }).click();
    await expect(page).toHaveURL(/\/fill$/);
    for (const line of ['360 g chicken thigh mince', '285 g plums', '5 g salt']) {
      await page.getByLabel('Add what goes in').fill(line);
      await page.getByLabel('Add what goes in').press('Enter');
    }
    await expect(page.getByRole('heading', { name: /^Moisture: too wet|^Moisture: / })).toBeVisible();

    // Noted as it was found, and why is read off its numbers.
    await station(page, 'Note');
    await page.getByRole('button', { name: 'bottom', exact: true }).click();
    await page.getByRole('checkbox', { name: 'soggy, bottom' }).click();
    await page.getByRole('checkbox', { name: 'bland' }).click();
    const why = page.getByRole('region', { name: 'Why soggy (bottom)' });
    await expect(why).toContainText(/14\.\d\sg ran from 100\sg while cooking; up to 14 is usual/, {
      timeout: 20_000,
    });
    const next = page.getByRole('region', { name: 'Next version' });
    const line = (name: RegExp) => next.getByRole('group', { name }).getByRole('checkbox');
    await expect(next.getByRole('group')).toHaveCount(3);
    // The plums stay as they are: only the salt is changed.
    await line(/^Plum: cooked until soft/).click();
    await next.getByRole('button', { name: 'Begin the next version with 1 of 3' }).click();
    await expect(page).toHaveURL(/\/fill$/);

    // Rehearsed in a kitchen that is as it seems, with the same screens.
    await station(page, 'Note');
    await page.getByRole('button', { name: 'Rehearse it' }).click();
    await page.getByRole('button', { name: 'Begin: Nothing hidden' }).click();
    const mark = page.getByRole('region', { name: 'Rehearsal' });
    await expect(mark).toContainText('14:00');
    await expect(page).toHaveTitle(/^Rehearsal: Chicken and leek pockets, Fill/);
    await page.getByRole('button', { name: /^Press 100\sg of it/ }).click();
    await expect(page.getByRole('log', { name: 'What it said' })).toContainText(/About 1\d\sg runs out of 100\sg/);
    await faster(page);

    await station(page, 'Wrap');
    await page.getByRole('button', { name: 'Put one portion on the scale' }).click();
    await expect(page.getByRole('log', { name: 'What it said' })).toContainText(/The filling weighs \d+\sg; planned/);
    await page.getByRole('button', { name: /start the bench clock/ }).click();
    await pass(page, 20);
    await page.getByRole('button', { name: 'Count what is closed by now' }).click();
    await expect(page.getByRole('log', { name: 'What it said' })).toContainText(/are closed/);
    await page.getByRole('button', { name: 'Stop the bench clock: they’re being cooked' }).click();

    await station(page, 'Cook');
    await page
      .getByRole('button', { name: /start the clock|in the heat/i })
      .first()
      .click();
    await pass(page, 33);
    await page.getByRole('button', { name: 'Look at their colour' }).click();
    await expect(page.getByRole('log', { name: 'What it said' })).toContainText('Golden brown.');
    await page.getByRole('button', { name: /^They are out/ }).click();
    await expectAccessible(page);

    await station(page, 'Note');
    const cut = page.getByRole('button', { name: 'Cut one open' });
    await expect(cut).toBeVisible();
    await pass(page, 10);
    await cut.click();
    await expect(page.getByRole('log', { name: 'What it said' })).toContainText('You find: just right. Note it.');
    await page.getByRole('checkbox', { name: 'just right' }).click();
    // What is above its band and was right moves the band, a little, with its reason.
    const learns = page.getByRole('region', { name: 'What this kitchen learns' });
    const lesson = learns.getByText(/^Most loose liquid/);
    await expect(lesson).toContainText(/14\.0\sg per\s100\sg → 14\.[1-3]/, { timeout: 20_000 });
    await expect(learns).toContainText(/14\.\d\sg ran from 100\sg, more than is right, and it was right/);
    await learns.getByRole('button', { name: 'Let the kitchen learn it' }).first().click();
    await expect(learns).toContainText('This batch has taught it already.');

    // The debrief: safe and in time, and what its kitchen has learned.
    await page.getByRole('button', { name: 'End the rehearsal, and debrief' }).click();
    await expect(page).toHaveURL(/\/rehearse\/rehearsal-/);
    const out = page.getByRole('region', { name: 'How it came out' });
    await expect(out).toContainText(/The coldest middle was \d+\s°C; 74\s°C is the rule/, { timeout: 20_000 });
    await expect(out).toContainText('On the table in time.');
    await expect(page.getByRole('region', { name: 'What happened inside' })).toContainText('as it seemed');
    const learned = page.getByRole('region', { name: 'What this kitchen learned' });
    await expect(learned).toContainText(/Most loose liquid, .*: 14\.[1-3]\sg per\s100\sg, our estimate 14\.0/);
    await expect(learned).toContainText(/more than is right, and it was right/);
    await expectAccessible(page);

    // Nothing of it is in what is real: not in the Kitchen, not on the Bench, not in the Notebook.
    await goOn(page, '/kitchen');
    await expect(page.getByRole('region', { name: 'What this kitchen has learned' })).not.toContainText(
      'Most loose liquid',
    );
    await goOn(page, '/');
    await expect(page.getByRole('article', { name: 'Chicken and leek pockets' })).toHaveCount(2);
    await goOn(page, '/notebook');
    await expect(page.getByRole('article', { name: 'Chicken and leek pockets' })).toHaveCount(1);
  },
);

alone(
  'one of the six kitchens: its time stands where it was left, a file of it is the same kitchen again',
  async ({ page }) => {
    await page.clock.install({ time: new Date('2026-12-05T09:00:00Z') });
    await page.goto('/notebook');
    await page.getByRole('button', { name: 'Rehearse in a practice kitchen' }).click();
    await expect(page.getByRole('article')).toHaveCount(6);
    await page.getByRole('button', { name: 'Begin: The oven in the hut' }).click();
    const clock = page.getByRole('timer', { name: 'The rehearsal’s clock' });
    await expect(clock).toHaveText('14:00');
    await page.getByRole('radio', { name: '10×' }).click();
    await page.clock.fastForward(120_000);
    await expect(clock).toHaveText('14:20');
    await page.getByRole('radio', { name: 'stop' }).click();
    await page.clock.fastForward(120_000);
    await expect(clock).toHaveText('14:20');
    await station(page, 'Cook');
    await page.getByRole('button', { name: 'Hang a thermometer in the oven' }).click();
    const log = page.getByRole('log', { name: 'What it said' });
    await expect(log).toContainText(/It shows 1[4-6]\d\s°C; the dial says 190\s°C/);
    const said = await log.innerText();
    await page.reload();
    await expect(clock).toHaveText('14:20');
    await expect(log).toHaveText(said);

    // Ended before anything was cooked: it says so.
    await page.getByRole('button', { name: 'End the rehearsal, and debrief' }).click();
    await expect(page.getByText(/Nothing has been cooked/)).toBeVisible({ timeout: 20_000 });
    // The thermometer told: nobody is blamed for not looking through the door as well.
    const told = page.getByRole('region', { name: 'What could have told you' });
    await expect(told).toContainText('A thermometer hung in the oven shows');
    await expect(told).not.toContainText('Nobody looked.');
    const saved = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Save it to share' }).click();
    const file = await (await saved).path();

    await page.goto('/rehearse');
    const chosen = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: 'Open a rehearsal’s file' }).click();
    await (await chosen).setFiles(file);
    await expect(page).toHaveURL(/\/batch\/rehearsal-.*\/fill$/);
    await station(page, 'Cook');
    await page.getByRole('button', { name: 'Hang a thermometer in the oven' }).click();
    // The same oven; only the time is another.
    await expect(page.getByRole('log', { name: 'What it said' })).toContainText(said.replace(/^\d\d:\d\d /, ''));

    const other = page.waitForEvent('filechooser');
    await page.goto('/rehearse');
    await page.getByRole('button', { name: 'Open a rehearsal’s file' }).click();
    await (
      await other
    ).setFiles({ name: 'x.json', mimeType: 'application/json', buffer: Buffer.from('{"format":"x"}') });
    await expect(page.getByText(/Not opened\. format: is not a rehearsal’s file/)).toBeVisible();
  },
);
