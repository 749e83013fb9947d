import '@/core/food/catalogue/more';
import ICAL from 'ical.js';
import { lookUp } from '@/core/food/larder';
import { spoken } from '@/core/food/spoken-name';
import { mayBegin } from '@/core/day/may-begin';
import { calendarOf } from '@/core/day/calendar';
import { atClock, formatClock, formatMoment, formatSpan, parseClock, rulerMark } from '@/core/day/clock-words';
import { minuteOf } from '@/core/day/moments';
import { nightsBetween, restHours } from '@/core/day/rest-hours';
import { sheetFit, sheetRows } from '@/core/print/sheet';
import { fullTitle } from '@/core/day/task';
import { shoppingList } from '@/core/day/shopping';
import { lineOf } from '@/core/stored/new-line';
import { type Batch } from '@/core/stored/schema';
import { shoppingText } from '@/core/day/shopping-groups';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { beginDay, withBatchIds } from '@/core/stored/day';
import { applyToDay } from '@/core/stored/day-operations';
import { DAY_STEPS, readDay } from '@/core/stored/read-day';
import { change } from '@/core/stored/change';
import { changingDay } from '@/core/stored/changing';
import { checkFields } from '@/core/stored/check-fields';
import { lanternSupper } from '@/data/demo';
import { lanternDay } from '@/data/demo/lantern-day';
import { planned } from './simulated-day';

const AT = '2026-12-04T17:00:00.000Z';
const ZONE = 'Europe/Berlin';
const day = lanternDay(AT);
const batches = lanternSupper(AT);

describe('hours', () => {
  it.each([
    ['19', 1140],
    ['19:00', 1140],
    ['7.30 pm', 1170],
    ['7pm', 1140],
    ['12 am', 0],
    ['12pm', 720],
    ['24', 0],
    ['24:10', null],
    ['7:75', null],
    ['noon', null],
    ['', null],
  ])('“%s”', (text, minutes) => expect(parseClock(text)).toBe(minutes));

  it('a night is as long as it is, also when the clock is changed', () => {
    const hours = (from: string, to: string): number[] =>
      nightsBetween(minuteOf(from), minuteOf(to), ZONE).map((n) => (n.to - n.from) / 60);
    expect(hours('2026-12-04T12:00:00Z', '2026-12-05T12:00:00Z')).toEqual([10]);
    // In spring an hour is missing, in autumn there is one more.
    expect(hours('2027-03-27T12:00:00Z', '2027-03-28T12:00:00Z')).toEqual([9]);
    expect(hours('2026-10-24T12:00:00Z', '2026-10-25T12:00:00Z')).toEqual([11]);
  });
  it('nine at night stays nine at night over the change', () => {
    const saturday = minuteOf('2027-03-27T11:00:00Z');
    const at = atClock(saturday, 19 * 60, ZONE, 1);
    expect(formatClock(at, ZONE)).toBe('19:00');
    expect(at - atClock(saturday, 19 * 60, ZONE)).toBe(23 * 60);
  });
  it('a span says the half of the day once, and the day where it is another', () => {
    const [from, to] = [minuteOf('2026-12-04T15:40:00Z'), minuteOf('2026-12-04T15:55:00Z')];
    expect(formatSpan(from, to, from, ZONE)).toBe('16:40–16:55');
    expect(formatSpan(from, to, from, ZONE, 12)).toBe('4:40–4:55 pm');
    const noon = minuteOf('2026-12-04T11:05:00Z');
    expect(formatSpan(noon - 10, noon, from, ZONE, 12)).toBe('11:55 am–12:05 pm');
    expect(formatSpan(from, to, from + 24 * 60, ZONE)).toBe('Friday 16:40–16:55');
  });
  it('a ruler marks the hours of either kind', () => {
    const five = minuteOf('2026-12-04T16:00:00Z');
    const marks = ([24, 12] as const).map((hours) => rulerMark(five, ZONE, hours));
    expect(marks).toEqual([
      { of: 'hour', text: '17' },
      { of: 'hour', text: '5' },
    ]);
    expect(rulerMark(five + 30, ZONE, 12).of).toBe('half');
    expect(rulerMark(five + 10, ZONE, 12).of).toBe('less');
    expect(rulerMark(five + 7 * 60, ZONE, 12).text).toBe('12');
  });
  it('past midnight is the next day', () => {
    const [late, next] = [minuteOf('2026-12-04T22:30:00Z'), minuteOf('2026-12-04T23:30:00Z')];
    expect(formatMoment(next, late, ZONE)).toBe('Saturday 00:30');
  });
  it('a night in which people are served is worked through, and times away join the night', () => {
    const served = minuteOf('2026-12-04T21:30:00Z');
    const from = minuteOf('2026-12-03T12:00:00Z');
    const rests = restHours({ nights: true, away: [] }, from, [served], ZONE);
    expect(rests.map((r) => formatMoment(r.from, served, ZONE))).toEqual(['Thursday 21:00']);
    const away = [{ from: '2026-12-04T05:00:00Z', to: '2026-12-04T08:00:00Z', why: 'out' }];
    expect(restHours({ nights: true, away }, from, [served], ZONE).map((r) => (r.to - r.from) / 60)).toEqual([12]);
  });
});

describe('the calendar’s file', () => {
  const { plan } = planned(
    { day, batches, kitchen: DEFAULT_KITCHEN, now: { minute: minuteOf(AT), zone: ZONE } },
    new Map(),
  );
  const text = calendarOf(plan, { dayId: day.id, title: 'Supper; for forty, all warm', madeAt: AT });

  it('is read by another program, with every step of the hands at its time and an alarm', () => {
    const component = new ICAL.Component(ICAL.parse(text) as [string, unknown[], unknown[]]);
    const events = component.getAllSubcomponents('vevent').map((e) => new ICAL.Event(e));
    const hands = plan.tasks.filter((t) => t.hasHands);
    expect(hands.some((t) => t.title.includes(','))).toBe(true);
    expect(events.length).toBeGreaterThanOrEqual(hands.length);
    for (const task of hands) {
      const event = events.find(
        (e) => e.uid.includes(encodeURIComponent(task.id)) && e.startDate.toUnixTime() === task.start * 60,
      );
      expect(event?.endDate.toUnixTime()).toBe(task.end * 60);
      // What is red stands in it, too.
      expect(event?.summary).toBe(`${task.warning === null ? '' : '! '}${fullTitle(task)}`);
      if (task.warning !== null) expect(event?.description).toContain(task.warning);
    }
    expect(component.getAllSubcomponents('vevent').every((e) => e.getAllSubcomponents('valarm').length === 1)).toBe(
      true,
    );
    expect(new Set(events.map((e) => e.uid)).size).toBe(events.length);
  });
  it('folds its lines, and ends each as the standard wants', () => {
    const lines = text.split('\r\n');
    expect(Math.max(...lines.map((l) => new TextEncoder().encode(l).length))).toBeLessThanOrEqual(75);
    expect(text.replace(/\r\n/g, '')).not.toMatch(/[\r\n]/);
  });
});

describe('the shopping list', () => {
  const made = batches.filter((b) => day.batches.some(({ batchId }) => batchId === b.id));
  const list = shoppingList(made, DEFAULT_KITCHEN, []);
  const of = (id: string) => list.filter((i) => i.id === id)[0];

  it('sums fillings and doughs over all batches', () => {
    const flour = of('wheat-flour');
    expect(flour.for).toHaveLength(3);
    const alone = made.map(
      (b) => shoppingList([b], DEFAULT_KITCHEN, []).filter((i) => i.id === 'wheat-flour')[0].grams ?? 0,
    );
    expect(flour.grams).toBeCloseTo(
      alone.reduce((a, b) => a + b, 0),
      6,
    );
    expect(flour.amount).toMatch(/kg$/);
    expect(of('milk').amount).toMatch(/(ml|l)$/);
  });
  it('buys raw what goes in cooked, and no water', () => {
    // 80 g of sweated leek and 750 g in rings are more when they are bought.
    expect(of('leek').grams).toBeGreaterThan(830);
    expect(list.some((i) => i.id === 'water')).toBe(false);
  });
  it('leaves out of the text what is there, and keeps it in its group', () => {
    const ticked = shoppingList(made, DEFAULT_KITCHEN, ['leek']);
    expect(shoppingText(list)).toMatch(/Leek/);
    expect(shoppingText(ticked)).not.toMatch(/Leek/);
    expect(of('haddock-smoked').group).toBe('fish');
  });
  const buying = (...lines: [id: string, grams: number][]) => {
    const [turkey] = made;
    const items = lines.reduce<Batch['lines']>((all, [id, grams]) => [...all, lineOf(all, id, grams, 'raw-mix')], []);
    return shoppingList([{ ...turkey, lines: items }], DEFAULT_KITCHEN, []);
  };
  const amount = (list: readonly { id: string; amount: string }[], id: string) => list.find((i) => i.id === id)?.amount;

  it('buys whole lemons for their juice and zest, and eggs for their yolks', () => {
    const juice = buying(['lemon-juice', 50], ['lemon-zest', 4], ['egg-yolk', 36], ['egg', 50]);
    expect(amount(juice, 'lemons')).toBe('2 lemons');
    expect(amount(juice, 'eggs')).toBe('3 eggs');
    expect(juice.some(({ id }) => id === 'lemon-juice' || id === 'egg-yolk')).toBe(false);
    expect(amount(buying(['lemon-juice', 12]), 'lemons')).toBe('1 lemon');
  });
  it('buys herbs by the bunch, roots by the piece, a jar of a spice, and butter beside the milk', () => {
    const items = buying(['parsley', 30], ['butter', 60], ['nutmeg', 1]);
    expect(amount(items, 'parsley')).toBe('1 bunch (30 g)');
    expect(amount(items, 'nutmeg')).toMatch(/^a jar/);
    expect(items.find(({ id }) => id === 'butter')?.group).toBe('cold');
    expect(amount(buying(['leek', 450]), 'leek')).toMatch(/^3 \(/);
  });
  it('asks for nothing that is always at home, and says how much of it is needed', () => {
    const items = buying(['salt', 9], ['nutmeg', 1]);
    expect(items.find(({ id }) => id === 'salt')).toMatchObject({ group: 'home', isThere: true });
    expect(shoppingText(items)).not.toMatch(/Salt/);
    const stocked = shoppingList(made, { ...DEFAULT_KITCHEN, alwaysAtHome: ['wheat-flour'] }, []);
    expect(stocked.find(({ id }) => id === 'wheat-flour')?.group).toBe('home');
    expect(stocked.find(({ id }) => id === 'salt')?.group).toBe('shelf');
  });
  it('names what nobody knows, and bought skins by the piece', () => {
    const [turkey] = made;
    const strange = {
      ...turkey,
      lines: [{ ...turkey.lines[0], ingredientId: 'moon-dust' }],
      wrap: { ...turkey.wrap, dough: 'bought-skin' as const },
    };
    const items = shoppingList([strange], DEFAULT_KITCHEN, []);
    expect(items.map((i) => [i.group, i.name])).toEqual(
      expect.arrayContaining([
        ['other', 'moon-dust'],
        ['skins', 'bought skins'],
      ]),
    );
  });
});

describe('the day’s document', () => {
  it('is read as it was written, and refused with its faults named', () => {
    const json = JSON.parse(JSON.stringify(day)) as Record<string, unknown>;
    expect(readDay(json)).toEqual({ ok: true, value: day });
    expect(readDay({ ...json, version: 99 })).toMatchObject({ ok: false, problems: [{ code: 'newer' }] });
    expect(readDay({ ...json, rings: 0, helpers: 3, more: 1 })).toMatchObject({
      ok: false,
      problems: expect.arrayContaining([
        expect.objectContaining({ code: 'value', path: 'rings', text: expect.stringMatching(/^must be 1 to 12/) }),
        expect.objectContaining({ code: 'unknown-field', path: 'more' }),
      ]),
    });
    expect(readDay([])).toMatchObject({ ok: false });
    expect(readDay({ ...json, away: [{ from: AT, to: AT, why: '' }] })).toMatchObject({
      problems: [{ path: 'away.0.to', text: 'must be after its beginning' }],
    });
  });
  it('goes up version by version', () => {
    expect(Object.keys(DAY_STEPS)).toEqual(['1']);
    const old = { ...(JSON.parse(JSON.stringify(day)) as object), version: 0 };
    expect(readDay(old, { ...DAY_STEPS, 0: (d) => ({ ...d, version: 1 }) })).toMatchObject({ ok: true });
  });
  it('is changed by operations that are checked, and a refusal names its field', () => {
    const made = changingDay(day, [{ do: 'setDay', to: { carryMinutes: 900 } }]);
    expect(made.settle(checkFields(made.format, made.fields))).toEqual({
      ok: false,
      problems: ['On the way: must be 0 to 240 minutes'],
    });
    const taken = { what: 'cut' as const, minutes: 12, planned: 10, at: AT };
    expect(change(batches[0], [{ do: 'addTaken', taken }])).toMatchObject({ ok: true, document: { taken: [taken] } });
  });
  it('a batch is in it once; what says nothing does not stay behind', () => {
    const fresh = beginDay({ id: 'x', title: 'x', serveAt: AT, from: AT, at: AT });
    const twice = [1, 2].reduce((d) => applyToDay(d, { do: 'putBatch', batchId: 'b', serve: 'now' }), fresh);
    expect(twice.batches).toHaveLength(1);
    const changed = applyToDay(twice, { do: 'changeTask', taskId: 't', to: { minutes: 5 } });
    expect(applyToDay(changed, { do: 'changeTask', taskId: 't', to: { minutes: null } }).changes).toEqual([]);
    expect(
      applyToDay(applyToDay(twice, { do: 'pin', taskId: 't', at: AT }), { do: 'pin', taskId: 't', at: null }).pins,
    ).toEqual([]);
  });
  it('is made from batches that are called otherwise', () => {
    const [made] = day.batches;
    const pinned = [
      { do: 'pin' as const, taskId: `${made.batchId} cut`, at: AT },
      { do: 'changeTask' as const, taskId: `${made.batchId} wrap 1`, to: { minutes: 9 } },
      { do: 'pin' as const, taskId: 'all cut leek', at: AT },
    ].reduce(applyToDay, day);
    const other = withBatchIds(pinned, new Map([[made.batchId, 'copy']]));
    expect(other.batches.map((b) => b.batchId)).toEqual(['copy', ...day.batches.slice(1).map((b) => b.batchId)]);
    expect(other.pins.map((p) => p.taskId)).toEqual(['copy cut', 'all cut leek']);
    expect(other.changes.map((c) => c.taskId)).toEqual(['copy wrap 1']);
    expect(readDay(JSON.parse(JSON.stringify(other)))).toMatchObject({ ok: true });
  });
});

describe('when a step may begin', () => {
  const alone = { ...day, batches: day.batches.filter(({ batchId }) => batchId === 'demo-turkey-purses') };
  const { plan } = planned(
    { day: alone, batches, kitchen: DEFAULT_KITCHEN, now: { minute: minuteOf(AT), zone: ZONE } },
    new Map(),
  );
  it('is a moment that can be: nothing else of the plan is moved by it, and nothing waits longer than it may', () => {
    const free = plan.tasks.flatMap((task) => {
      const { from, until } = mayBegin(task, plan);
      return from === null && until === null ? [] : [{ task, at: until ?? from ?? 0 }];
    });
    expect(free.map(({ task }) => task.kind)).toContain('cut');
    expect(free.length).toBeLessThan(plan.tasks.length / 2);
    for (const { task, at } of free) {
      const end = at + (task.end - task.start);
      for (const other of plan.tasks) {
        const follows = other.after.find(({ id }) => id === task.id);
        if (follows) {
          expect(end).toBeLessThanOrEqual(other.start);
          expect(other.start - end).toBeLessThanOrEqual(follows.maxWait ?? Infinity);
        }
        if (task.after.some(({ id }) => id === other.id)) expect(at).toBeGreaterThanOrEqual(other.end);
        if (other.id !== task.id && other.hand !== null && other.hand === task.hand)
          expect(end <= other.start || at >= other.end).toBe(true);
      }
    }
  });
  it('is not said of what goes on, is over, or was pinned by the cook', () => {
    const [task] = plan.tasks.filter((t) => mayBegin(t, plan).from !== null);
    expect(mayBegin({ ...task, state: 'running' }, plan)).toEqual({ from: null, until: null });
    expect(mayBegin({ ...task, isPinned: true }, plan)).toEqual({ from: null, until: null });
  });
});

describe('the sheet', () => {
  const { plan } = planned(
    { day, batches, kitchen: DEFAULT_KITCHEN, now: { minute: minuteOf(AT), zone: ZONE } },
    new Map(),
  );
  const rows = sheetRows(plan.tasks, minuteOf(day.serveAt), ZONE);

  it('has every step of the hands and every heating once, and what goes by itself once, after what begins it', () => {
    const rowed = plan.tasks.filter((t) => t.hasHands || t.kind === 'heat');
    expect(rows.map((r) => r.id)).toEqual(rowed.map((t) => t.id));
    const beside = plan.tasks.filter((t) => !rowed.includes(t) && t.start >= rowed[0].start);
    const said = rows.flatMap((r) => (r.then === '' ? [] : r.then.split('; ')));
    expect(said).toHaveLength(beside.length);
    const [cools] = rows.filter((r) => r.then.startsWith('cools ('));
    expect(cools.what).toBe('Pockets: cook the filling');
    expect(cools.then).toMatch(/^cools \(.*13 mm deep\) until \d\d:\d\d$/);
    const [heats] = rows.filter((r) => /^Pockets: heat the oven to 190\s°C$/.test(r.what));
    expect(heats.how).toMatch(/^hot by \d\d:\d\d$/);
  });
  it('stands alone: all that goes into filling and dough with its amount, what the thermometer must say, short names', () => {
    const all = rows.map(({ how }) => how).join('\n');
    expect(all).not.toMatch(/\d more\b/);
    for (const { batchId } of day.batches) {
      const batch = batches.find((b) => b.id === batchId);
      for (const line of batch?.lines ?? []) {
        const name = spoken(lookUp(batch?.ingredients ?? [], line.ingredientId)?.name ?? '');
        expect(all).toMatch(new RegExp(`[\\d½¼¾⅓⅔][^,;]* ${name}`));
      }
    }
    for (const dough of ['789\\sg plain flour, 395\\sg unsalted butter', '510\\sg plain flour', '592\\sg plain flour'])
      expect(all).toMatch(new RegExp(dough));
    const outs = rows.filter(({ what }) => what.includes('then take out'));
    for (const { how } of outs) expect(how).toMatch(/^three of the thickest, 74\s°C in the middle$/);
    expect(rows.filter(({ how }) => /celeriac purses|prune pockets/.test(how))).toEqual([]);
    expect(rows[0].at).toMatch(/^\d\d:\d\d–\d\d:\d\d$/);
  });
  it('is set smaller the longer it is, as far as it can be read', () => {
    expect(sheetFit(rows.slice(0, 10))).toBe(1);
    expect(sheetFit(rows)).toBeLessThan(1);
    expect(sheetFit([...rows, ...rows])).toBeLessThan(sheetFit(rows));
    expect(sheetFit(Array.from({ length: 40 }, () => rows).flat())).toBeGreaterThanOrEqual(0.5);
  });
  it('is not where it would meet somebody else at the one place to work', () => {
    const cut = plan.tasks.find((t) => t.kind === 'cut');
    if (!cut) throw new Error('nothing to cut');
    const at = (id: string, hand: number, start: number, bench: number): typeof cut => ({
      ...cut,
      ...{ id, hand, start, end: start + 20, after: [], needs: { hands: 1, bench } },
    });
    const begun = { rests: [], startMinute: 0 };
    const mine = at('mine', 0, 100, 1);
    const helped = { ...begun, tasks: [mine, at('theirs', 1, 40, 1), at('after', 0, 190, 1), at('late', 1, 150, 1)] };
    expect(mayBegin(mine, helped)).toEqual({ from: 60, until: 130 });
    // With a second place, as the plan takes elsewhere anyway, only the hands decide.
    const beside = { ...helped, tasks: [...helped.tasks, at('x', 2, 300, 1), at('y', 3, 300, 1)] };
    expect(mayBegin(mine, beside)).toEqual({ from: 0, until: 170 });
  });
});
