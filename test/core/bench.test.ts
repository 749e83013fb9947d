/** At the board: what warms, what freezes, and the clock of what stands out. */
import { beginBatch } from '@/core/stored/create';
import { moveOut, parcelsClosed, putAway, startBoard, stopBoard, takeOut } from '@/core/stored/boards';
import { MOST } from '@/core/vocabulary/limits';
import { type Batch, type BoardRun } from '@/core/stored/schema';
import { boardClock, boardEvents, outMinutesAt, partsFor } from '@/core/cooling/board-clock';
import { standingIn } from '@/core/safety/exposure';
import { butterDough } from '@/core/cooling/butter-dough';
import { HARD_C, minutesToHard } from '@/core/cooling/freezing';
import { warmingCurve } from '@/core/cooling/warming';
import { forecastBoard } from '@/core/checks/board';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { dough } from '@/core/wrapper/dough';
import { lanternSupper } from '@/data/demo';

const filling = { water: 0.7, protein: 0.16, fat: 0.08, carbohydrate: 0.04, fibre: 0.01, ash: 0.01 };

describe('warming on the bench', () => {
  it('a filling 50 mm deep from the fridge: 8 in the middle and 11 at the surface after an hour, 11½ and 13½ after two', () => {
    const curve = warmingCurve({ composition: filling, thicknessMm: 50, startC: 5, airC: 22, above: 8, below: 8 }, 120);
    expect(curve.at(60).middleC).toBeCloseTo(8, 0);
    expect(curve.at(60).surfaceC).toBeCloseTo(11, 0);
    expect(Math.abs(curve.at(120).middleC - 11.5)).toBeLessThan(0.7);
    expect(Math.abs(curve.at(120).surfaceC - 13.5)).toBeLessThan(0.7);
    expect(curve.minutesTo(8)).toBeGreaterThan(45);
    expect(curve.minutesTo(21.9)).toBeNull();
    expect(curve.samples[0]).toMatchObject({ minute: 0, middleC: 5 });
  });
  it('it is the analytic slab: half a slab with one insulated face', () => {
    // Bi = h L / k small: lumped within a few tenths.
    const curve = warmingCurve({ composition: filling, thicknessMm: 6, startC: 5, airC: 25, above: 10, below: 10 }, 30);
    const { density, cp } = { density: 1050, cp: 3500 };
    const lumped = (minutes: number) => 25 - 20 * Math.exp((-10 * minutes * 60) / (density * cp * 0.003));
    expect(Math.abs(curve.at(10).meanC - lumped(10))).toBeLessThan(0.6);
  });
  it('a butter dough: a 3 mm sheet past 15 °C in about 5 minutes, the middle of a disc in about 50', () => {
    const warm = butterDough(dough('rough-laminated'), 3, 5, 24);
    expect(warm?.limitC).toBe(15);
    expect(warm?.sheetMinutes).toBeGreaterThan(3.5);
    expect(warm?.sheetMinutes).toBeLessThan(7);
    expect(warm?.discMinutes).toBeGreaterThan(38);
    expect(warm?.discMinutes).toBeLessThan(65);
    expect(warm?.advice).toContain('a third at a time');
    expect(butterDough(dough('short'), 3.5, 5, 17)).toMatchObject({ sheetMinutes: null });
    expect(butterDough(dough('noodle'), 2, 5, 28)).toBeNull();
  });
});

describe('freezing raw on a tray', () => {
  const parcel = (fillingMm: number) => ({
    dimension: 3,
    fillingMm,
    wrapperMm: 2,
    filling,
    wrapper: dough('noodle').composition,
    wrapperDensity: dough('noodle').density,
  });
  it('what is cooked from frozen is frozen as it comes from the board, not hard already', () => {
    const [purses] = lanternSupper('2026-12-05T15:00:00Z');
    expect(purses.cook.startC).toBeLessThan(0);
    const { hardMinutes } = forecastBoard(purses, DEFAULT_KITCHEN);
    expect(hardMinutes).toBeGreaterThan(30);
    expect(hardMinutes).toBeLessThan(240);
  });

  it('a small purse is hard in an hour or two, a larger one later, and a warm freezer never does it', () => {
    const small = minutesToHard(parcel(11), 12, -18) ?? NaN;
    expect(small).toBeGreaterThan(45);
    expect(small).toBeLessThan(200);
    expect(minutesToHard(parcel(20), 12, -18) ?? NaN).toBeGreaterThan(1.6 * small);
    expect(minutesToHard(parcel(11), 12, -24) ?? NaN).toBeLessThan(small);
    expect(minutesToHard(parcel(11), 12, HARD_C)).toBeNull();
  });
});

const at = (minute: number): string => new Date(Date.UTC(2026, 11, 5, 10, 0) + minute * 60_000).toISOString();
const kitchen = { count: 24, roomC: 21, usualSeconds: 60 };

describe('the bench clock', () => {
  const board = (
    taps: [minute: number, parcels: number][],
    stretches: [number, number | null][] = [[0, null]],
  ): BoardRun => ({
    stretches: stretches.map(([out, back]) => ({ outAt: at(out), inAt: back === null ? null : at(back) })),
    taps: taps.map(([minute, parcels]) => ({ at: at(minute), parcels })),
  });

  it('seconds a piece from the latest taps, and when the last will be closed', () => {
    const clock = boardClock(
      board([
        [1, 1],
        [2, 1],
        [3, 1],
        [4, 1],
      ]),
      { ...kitchen, now: at(4) },
    );
    expect(clock).toMatchObject({ closed: 4, left: 20, secondsEach: 60, outMinutes: 4, limitMinutes: 120, parts: 1 });
    expect(clock.toGoMinutes).toBeCloseTo(20, 9);
    expect(clock.lastAt).toBe(at(24));
    // A tray of six at a time is six parcels.
    expect(
      boardClock(
        board([
          [0, 6],
          [6, 6],
        ]),
        { ...kitchen, now: at(6) },
      ).secondsEach,
    ).toBe(60);
    // Before two taps it goes by what is usual.
    expect(boardClock(board([]), { ...kitchen, now: at(0) })).toMatchObject({ secondsEach: null, toGoMinutes: 24 });
    expect(boardClock(board([[1, 24]]), { ...kitchen, now: at(9) })).toMatchObject({ left: 0, toGoMinutes: 0 });
  });

  it('a pause in the fridge is none of the pace and none of the hours', () => {
    const paused = board(
      [
        [1, 1],
        [2, 1],
        [62, 1],
      ],
      [
        [0, 2],
        [61, null],
      ],
    );
    const clock = boardClock(paused, { ...kitchen, now: at(62) });
    expect(clock.secondsEach).toBeCloseTo(60, 9);
    expect(clock.outMinutes).toBe(3);
    expect(outMinutesAt(paused, at(71))).toBe(12);
  });

  it('the rule’s two hours, one in a hot kitchen; too slow, and it stands out in parts', () => {
    expect(standingIn(33)).toMatchObject({ limitMinutes: 60, mostMinutes: 120 });
    // 90 °F is not above 90 °F.
    expect(standingIn(32.2).limitMinutes).toBe(120);
    const slow = boardClock(
      board([
        [0, 1],
        [10, 1],
      ]),
      { ...kitchen, now: at(10) },
    );
    expect(slow.toGoMinutes).toBeCloseTo(220, 9);
    expect(slow.parts).toBe(partsFor(220, 110));
    expect(slow.parts).toBe(3);
    // In so many parts none stands out longer than it may.
    expect(220 / slow.parts).toBeLessThan(110);
    const late = boardClock(board([]), { ...kitchen, now: at(130) });
    expect(late.leftMinutes).toBe(-10);
    // What it cooled for is the same time.
    const cooled = boardClock(board([]), { ...kitchen, now: at(30), beforeMinutes: 95 });
    expect(cooled).toMatchObject({ outMinutes: 30, inAllMinutes: 125, leftMinutes: -5 });
  });

  it('raises what is due once: fifteen minutes before, and when they are up; nothing while it is in the fridge', () => {
    const seen = (minute: number, run = board([])) => boardClock(run, { ...kitchen, now: at(minute) });
    expect(boardEvents(null, seen(10))).toEqual([]);
    expect(boardEvents(seen(104), seen(106)).map((e) => e.kind)).toEqual(['near']);
    expect(boardEvents(seen(106), seen(107))).toEqual([]);
    expect(boardEvents(seen(119), seen(121)).map((e) => e.id)).toEqual(['board-over']);
    // Nobody was looking: what is left is said, and over is over.
    expect(boardEvents(null, seen(110))).toMatchObject([
      { id: 'board-near', text: expect.stringMatching(/^10 min until/) },
    ]);
    expect(boardEvents(null, seen(150)).map((e) => e.kind)).toEqual(['over']);
    // Twice as long is the rule’s last word: thrown away, and said so, once.
    expect(boardEvents(seen(239), seen(241))).toMatchObject([
      { id: 'board-most', text: expect.stringMatching(/Throw it away\.$/) },
    ]);
    expect(boardEvents(seen(241), seen(300))).toEqual([]);
    expect(boardEvents(null, seen(300)).map((e) => e.id)).toEqual(['board-most']);
    const away = board([], [[0, 60]]);
    expect(boardEvents(seen(110, away), seen(190, away))).toEqual([]);
  });
});

describe('as it is kept', () => {
  const { wrap } = beginBatch({ id: 'a', title: 'A', form: 'purse', count: 12, school: 'raw', at: at(0) });
  it('a run begins, goes to the fridge and out again, and is kept when it is over', () => {
    const begun = startBoard(wrap, at(0));
    const away = { ...begun, board: begun.board && putAway(begun.board, at(20)) };
    const again = { ...away, board: away.board && takeOut(away.board, at(50)) };
    expect(again.board?.stretches).toEqual([
      { outAt: at(0), inAt: at(20) },
      { outAt: at(50), inAt: null },
    ]);
    // Out is out.
    expect(again.board && takeOut(again.board, at(60))).toBe(again.board);
    expect(again.board && moveOut(again.board, at(-5)).stretches[0].outAt).toBe(at(-5));
    const over = stopBoard(again, at(70));
    expect(over.board).toBeNull();
    expect(over.earlierBoards).toMatchObject([{ stoppedAt: at(70), stretches: [{}, { inAt: at(70) }] }]);
    expect(stopBoard(over, at(80))).toBe(over);
    // A new one while one runs ends that.
    expect(startBoard(begun, at(30)).earlierBoards).toHaveLength(1);
    let many = wrap;
    for (let i = 0; i < MOST.earlierBoards + 5; i++) many = stopBoard(startBoard(many, at(i)), at(i + 1));
    expect(many.earlierBoards).toHaveLength(MOST.earlierBoards);
  });
  it('counts what was closed', () => {
    expect(
      parcelsClosed({
        stretches: [],
        taps: [
          { at: at(1), parcels: 6 },
          { at: at(2), parcels: 1 },
        ],
      }),
    ).toBe(7);
  });
});

it('a raw filling comes out of the fridge, a cooked one as warm as it may be wrapped', () => {
  const [turkey, pumpkin, duck] = lanternSupper('2026-12-05T15:00:00Z');
  const comesOut = (batch: Batch) => forecastBoard(batch, DEFAULT_KITCHEN).fillingC;
  expect(comesOut(turkey)).toBe(DEFAULT_KITCHEN.fridgeC);
  expect(comesOut(duck)).toBe(dough('short').wrapReadyC);
  expect(comesOut(pumpkin)).toBe(dough('noodle').wrapReadyC);
  // And from there it cools on the bench.
  expect(forecastBoard(duck, DEFAULT_KITCHEN).warmth[16].middleC).toBeLessThan(25);
});
