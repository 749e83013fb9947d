/** Each of the six kitchens worked through by a cook who looks and one who does not: what comes out, and what the debrief says. */
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { apply, type Operation } from '@/core/stored/operations';
import { applyToRehearsal, beginRehearsal, rehearsalId } from '@/core/stored/rehearsal';
import { mainStep, plannedMinutes } from '@/core/stored/cooking';
import { later } from '@/core/stored/moments';
import { type Look } from '@/core/vocabulary/rehearsals';
import { TYPED } from '@/core/vocabulary/sources';
import { debrief } from '@/core/rehearsal/debrief';
import { insideOf, type Situation } from '@/core/rehearsal/inside';
import { look } from '@/core/rehearsal/look';
import { type KitchenWithBatch } from '@/core/rehearsal/kitchens-with-a-batch';
import { batchIn } from '@/core/rehearsal/own-batches';
import { rehearsedCore, rehearsedSignal } from '@/core/rehearsal/thermometers';
import '@/core/food/catalogue/more';

const AT = '2026-12-05T14:00:00.000Z';
/** A cook in such a kitchen: everything done is an operation, everything seen is what a look says. */
class Cook {
  constructor(public s: Situation) {}
  static in(kitchen: KitchenWithBatch, seed: number): Cook {
    const { batch, minutes } = batchIn(kitchen, { id: rehearsalId(`${kitchen}-${seed}`), at: AT });
    return new Cook({
      batch,
      kitchen: DEFAULT_KITCHEN,
      rehearsal: beginRehearsal(batch, { kitchen, seed, at: AT, minutes }),
    });
  }
  get now(): string {
    return this.s.rehearsal.simAt;
  }
  wait(minutes: number): void {
    this.s = {
      ...this.s,
      rehearsal: applyToRehearsal(this.s.rehearsal, { do: 'passTime', to: later(this.now, minutes) }),
    };
  }
  does(...operations: Operation[]): void {
    this.s = { ...this.s, batch: operations.reduce(apply, this.s.batch) };
  }
  looks(what: Look): string {
    const { said, operations } = look(what, this.s);
    this.s = {
      ...this.s,
      rehearsal: applyToRehearsal(this.s.rehearsal, { do: 'addLook', look: { what, at: this.now, said } }),
      batch: operations.reduce(apply, this.s.batch),
    };
    return said;
  }
  byScale(): void {
    this.s = { ...this.s, rehearsal: applyToRehearsal(this.s.rehearsal, { do: 'setHands', hands: 'scale' }) };
  }
  /** Cools for so long, or until a probe in it shows so little. */
  cools(until: { minutes: number } | { c: number }): void {
    this.does({ do: 'startCooling', at: this.now });
    let gone = 0;
    const isDone = (): boolean => {
      if ('minutes' in until) return gone >= until.minutes;
      const c = rehearsedSignal(this.s, gone)?.c ?? null;
      if (c !== null && gone % 15 === 0 && gone > 0)
        this.does({ do: 'addCoolReading', reading: { at: this.now, c, source: TYPED } });
      return c !== null && c <= until.c;
    };
    while (!isDone() && gone < 300) {
      this.wait(5);
      gone += 5;
    }
    this.does({ do: 'stopCooling', at: this.now });
  }
  wraps(minutes = 25): void {
    this.does({ do: 'startBoard', at: this.now });
    this.wait(minutes);
    this.does({ do: 'stopBoard', at: this.now });
  }
  goesIn(): void {
    this.does({ do: 'startLoad', at: this.now });
  }
  /** Measures one piece, so often pushed in, and notes it. */
  measures(piece: number, minute: number, times = 1): number {
    const c = Math.round(rehearsedCore(this.s, piece, minute, times) ?? 0);
    const reading = { round: 1, c, at: this.now, load: 1, parcel: piece + 1, source: TYPED };
    this.does({ do: 'addReading', reading });
    return c;
  }
  comesOut(): void {
    this.does({ do: 'stopLoad', at: this.now });
    this.wait(8);
    this.looks('cut');
  }
  /** In the heat as planned, then as long as three pieces, the first pushed twice, are not all hot enough. */
  cooksByProbe(limitC: number): void {
    this.goesIn();
    let minute = Math.round(plannedMinutes(this.s.batch.cook));
    this.wait(minute);
    const lowest = (): number =>
      Math.min(...[0, 1, 2].map((piece) => this.measures(piece, minute, piece === 0 ? 2 : 1)));
    while (lowest() < limitC && minute < 90) {
      this.wait(3);
      minute += 3;
    }
    this.comesOut();
  }
  cooksByTheClock(): void {
    this.goesIn();
    this.wait(plannedMinutes(this.s.batch.cook));
    this.comesOut();
  }
  get found(): string[] {
    return (insideOf(this.s).outcomes ?? []).map(({ what }) => what);
  }
}

interface Ways {
  careful: (cook: Cook) => void;
  careless: (cook: Cook) => void;
  /** What is found where nobody looked. */
  spoilt: string;
}

/** Wrapped and cooked as the plan says, without a look. */
function asPlanned(cook: Cook): void {
  cook.wraps();
  cook.cooksByTheClock();
}

/** Sets the oven as much higher as a thermometer hung in it shows too little. */
function hotterByThermometer(cook: Cook): void {
  const [, shows = '0', dial = '0'] = /shows (\d+).*says (\d+)/.exec(cook.looks('oven-thermometer')) ?? [];
  const more = Number(dial) - Number(shows);
  cook.does({ do: 'setCook', to: { steps: atC(cook, (mainStep(cook.s.batch.cook).mediumC ?? 0) + more) } });
}

/** Its steps at another heat. */
function atC(cook: Cook, mediumC: number): Situation['batch']['cook']['steps'] {
  const { steps } = cook.s.batch.cook;
  return steps.map((step) => ({ ...step, mediumC })) as typeof steps;
}

/** What each does in each kitchen: the careful one acts only on what was seen. */
const WAYS: Readonly<Record<KitchenWithBatch, Ways>> = {
  'blue-jar': {
    careful: (cook) => {
      const salt = cook.s.batch.lines.find(({ ingredientId }) => ingredientId === 'salt');
      let spoons = salt?.amount ?? 0;
      while (cook.looks('taste') !== 'Right.' && spoons > 0.2) {
        spoons -= 0.2;
        cook.does({ do: 'changeLine', id: salt?.id ?? '', to: { amount: spoons } });
      }
      cook.wraps();
      cook.cooksByProbe(74);
    },
    careless: asPlanned,
    spoilt: 'salty',
  },
  'after-rain': {
    careful: (cook) => {
      const [, runs = '0'] = /About (\d+)/.exec(cook.looks('press')) ?? [];
      const [meat] = cook.s.batch.lines;
      if (Number(runs) > 12)
        cook.does({
          do: 'addLine',
          line: { ...meat, id: 'crumbs', ingredientId: 'breadcrumbs-dry', amount: 45, preparation: 'raw' },
        });
      cook.does({ do: 'setBatch', to: { count: 39 } });
      cook.wraps(30);
      cook.cooksByProbe(74);
    },
    careless: (cook) => {
      cook.wraps(30);
      cook.cooksByTheClock();
    },
    spoilt: 'soggy',
  },
  'their-spoon': {
    careful: (cook) => {
      cook.cools({ c: 30 });
      cook.looks('weigh-filling');
      cook.byScale();
      cook.wraps(35);
      cook.cooksByProbe(74);
    },
    careless: (cook) => {
      cook.cools({ minutes: 70 });
      cook.wraps();
      cook.cooksByTheClock();
    },
    spoilt: 'filling-left',
  },
  'old-oven': {
    careful: (cook) => {
      hotterByThermometer(cook);
      cook.wraps();
      cook.cooksByProbe(74);
    },
    careless: asPlanned,
    spoilt: 'pale',
  },
  'full-fridge': {
    careful: (cook) => {
      cook.looks('fridge-thermometer');
      cook.does({ do: 'setCool', to: { base: 'ice' } });
      cook.cools({ c: 26 });
      cook.wraps();
      cook.cooksByProbe(74);
    },
    careless: (cook) => {
      cook.cools({ minutes: 75 });
      cook.wraps();
      cook.cooksByTheClock();
    },
    spoilt: 'dough-tore',
  },
  'early-guests': {
    careful: (cook) => {
      hotterByThermometer(cook);
      cook.wraps();
      cook.cooksByProbe(74);
    },
    careless: (cook) => {
      cook.wraps();
      cook.goesIn();
      cook.wait(20);
      // One push, believed.
      cook.measures(0, 20);
      cook.comesOut();
    },
    spoilt: 'cold-centre',
  },
};

/** Seeds whose kitchens are worked through. */
const SEEDS = [1, 2, 3, 11, 40];

describe.each(Object.entries(WAYS) as [KitchenWithBatch, Ways][])('%s', (kitchen, { careful, careless, spoilt }) => {
  it('looked into first, it comes out right, in time, and nobody is blamed', () => {
    for (const seed of SEEDS) {
      const cook = Cook.in(kitchen, seed);
      careful(cook);
      const { verdicts, told, decisions } = debrief(cook.s);
      expect([seed, cook.found]).toEqual([seed, ['just-right']]);
      expect([seed, verdicts.filter(({ good }) => !good)]).toEqual([seed, []]);
      expect([seed, told.filter(({ was }) => was === 'missed')]).toEqual([seed, []]);
      expect(told.some(({ was }) => was === 'seen')).toBe(true);
      // What was done against the fault stands there, and with what it did.
      expect([seed, decisions.some(({ did }) => did.length > 0)]).toEqual([seed, true]);
    }
  });

  it('made as planned without a look, it is spoilt, and the debrief says what would have told', () => {
    for (const seed of SEEDS) {
      const cook = Cook.in(kitchen, seed);
      careless(cook);
      const { verdicts, told } = debrief(cook.s);
      expect([seed, cook.found]).toEqual([seed, expect.arrayContaining([spoilt])]);
      expect([seed, told.some(({ was }) => was === 'missed')]).toEqual([seed, true]);
      expect(verdicts[0].good).toBe(spoilt !== 'cold-centre');
    }
  });
});

it('a filling that is too salty never tastes right, whatever its skin bears', () => {
  for (let seed = 1; seed <= 60; seed++) {
    const cook = Cook.in('blue-jar', seed);
    const { saltPercent } = insideOf(cook.s);
    expect([saltPercent, cook.looks('taste')]).toEqual([
      saltPercent,
      saltPercent > 2.25 ? 'Far too salty.' : 'A little too salty.',
    ]);
  }
});

it('who waits for the middle is late rightly; who waits for nothing is late', () => {
  const begin = (): Cook => {
    const cook = Cook.in('old-oven', 40);
    // Thicker than planned for: at the planned minutes the middle is not there.
    cook.does({ do: 'setCook', to: { steps: atC(cook, 160) } });
    cook.wait(117);
    cook.wraps();
    return cook;
  };
  const waits = begin();
  waits.cooksByProbe(74);
  expect(debrief(waits.s).verdicts[1]).toEqual({ good: true, text: expect.stringContaining('and rightly') });
  const idles = begin();
  idles.wait(60);
  idles.cooksByProbe(74);
  expect(debrief(idles.s).verdicts[1].good).toBe(false);
});
