/** Alarms of every clock that runs, and the one calendar file that rings when no page is open. */
import { readFileSync } from 'node:fs';
import vm from 'node:vm';
import { alarmsOf } from '@/core/checks/alarms';
import { forecastHeat } from '@/core/forecast/heat';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { apply } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
import { calendarText } from '@/core/formats/ical';
import { lanternSupper } from '@/data/demo';

const AT = '2026-12-05T12:00:00.000Z';
const later = (minutes: number): string => new Date(Date.parse(AT) + minutes * 60_000).toISOString();
const duck = lanternSupper(AT).find(({ id }) => id === 'demo-duck-pockets') as Batch;
const alarms = (batch: Batch, now = 0, before = 0, kitchen = DEFAULT_KITCHEN) =>
  alarmsOf(batch, kitchen, forecastHeat(batch, kitchen, 'first'), later(now), before);

describe('alarms', () => {
  const cools = apply(duck, { do: 'startCooling', at: AT });

  it('are none where no clock runs', () => expect(alarms(duck)).toEqual([]));

  it('are all of the cooling clock, in the kitchen’s scale, each at its time and none of what is past', () => {
    const all = alarms(cools);
    expect(all.find(({ text }) => text.includes('the time is up'))?.at).toBe(later(120));
    expect(all.some(({ text }) => text.includes('wrap-ready by the forecast'))).toBe(true);
    expect(alarms(cools, 130).some(({ at }) => at <= later(130))).toBe(false);
    const stuffed = { ...DEFAULT_KITCHEN, rulePack: 'stuffed' as const, temperature: 'F' as const };
    expect(JSON.stringify(alarms(cools, 0, 0, stuffed))).toMatch(/135 → 70.°F within 2/);
  });

  it('count what it was out before it came to the bench', () => {
    const out = apply(duck, { do: 'startBoard', at: AT });
    const over = (before: number) => alarms(out, 0, before).find(({ id }) => id.endsWith('board-over'))?.at;
    expect(over(0)).toBe(later(120));
    expect(over(45)).toBe(later(75));
    // In the fridge again it does not count.
    expect(alarms(apply(out, { do: 'putAway', at: later(5) }), 10)).toEqual([]);
  });

  it('are one calendar file: each its own event with its alarm, in universal time, folded', () => {
    const events = alarms(cools).map(({ id, at, text }) => ({
      id,
      start: at,
      end: at,
      summary: text,
      description: '',
    }));
    const file = calendarText(events, { title: 'Involucrum', madeAt: AT, of: 'Clocks' });
    expect(file.match(/BEGIN:VEVENT/g)).toHaveLength(events.length);
    expect(file.match(/BEGIN:VALARM/g)).toHaveLength(events.length);
    expect(new Set(file.match(/^UID:.*$/gm)).size).toBe(events.length);
    expect(file).toContain('DTSTART:20261205T140000Z');
    for (const line of file.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
  });
});

describe('a tap on an alarm’s notification', () => {
  type Tap = (event: object) => void;
  /** The service worker's part, with pages of a browser that are open. */
  async function tapped(open: string[]) {
    const did: string[] = [];
    const pages = open.map((url) => ({
      url,
      focus: () => Promise.resolve(void did.push(`focus ${url}`)),
      navigate: (to: string) => Promise.resolve(void did.push(`navigate ${to}`)),
    }));
    let tap: Tap = () => undefined;
    const self = {
      addEventListener: (_what: string, heard: Tap) => {
        tap = heard;
      },
      location: { origin: 'https://kitchen.test' },
      clients: {
        matchAll: () => Promise.resolve(pages),
        openWindow: (url: string) => Promise.resolve(void did.push(`open ${url}`)),
      },
    };
    vm.runInNewContext(readFileSync('public/alarm-tap.js', 'utf8'), { self, URL });
    let done: Promise<unknown> = Promise.resolve();
    tap({
      notification: { close: () => did.push('close'), data: { url: '/batch/b/cook' } },
      waitUntil: (p: Promise<unknown>) => {
        done = p;
      },
    });
    await done;
    return did;
  }
  const LOAD = 'https://kitchen.test/batch/b/cook';

  it('opens the load: in the page that shows it, in another one, or in a new one', async () => {
    expect(await tapped([])).toEqual(['close', `open ${LOAD}`]);
    expect(await tapped(['https://kitchen.test/', LOAD])).toEqual(['close', `focus ${LOAD}`]);
    expect(await tapped(['https://kitchen.test/'])).toEqual([
      'close',
      'focus https://kitchen.test/',
      `navigate ${LOAD}`,
    ]);
  });
});
