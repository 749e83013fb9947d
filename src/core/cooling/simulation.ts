/** A filling as it cools, step by step: one body after the other, stirred, spread and moved as the plan has it. */
import { foodMaterialOf, type Material, wellMixed } from '../heat/material';
import { thermalProperties } from '../food/thermal';
import { Body } from '../heat/conduction';
import { type State } from '../heat/problem';
import { PLACES } from '../vocabulary/places';
import { airOf } from './air';
import { Sides } from './sides';
import { type CoolingPlan, type Faces, facesOf, nextStir, STIRS_AS_SAID, type Stretch, stretchesOf } from './stretches';

/** The longest cooling computed: a day, minutes. */
export const LONGEST_COOLING = 24 * 60;
const LONGEST_S = LONGEST_COOLING * 60;
/** Enough for a slab: three times as many change a cooling by less than 1 % (test). */
const CELLS = 30;
/** A stirred pot is one temperature: a conductivity so large that no gradient is left, W/m·K. */
const WELL_MIXED_K = 1e4;
/** An ordinary cooling takes some hundred steps. After so many they are taken twice as coarse, and so on. */
const STEPS_AS_FINE = 600;
/** Falling more slowly than 0.02 °C in an hour counts as rest, °C/s. */
const RESTING_C_PER_S = 0.02 / 3600;
/** Heat through the wall is taken at least this often, s. */
const WALL_STEP_S = 120;
/** The temperature at which a pot's own figures are taken, °C: the middle of its way. */
const MIDDLE_C = 50;
/** Two moments nearer than this are one, s. */
const SAME_S = 1e-6;

function sidesOf({ composition }: CoolingPlan, areaM2: number, isStirred: boolean): Sides {
  const { k, density, heatCapacity } = thermalProperties(composition, MIDDLE_C);
  return new Sides(Math.sqrt(areaM2 / Math.PI), isStirred ? WELL_MIXED_K : k, density * heatCapacity);
}

export class Cooling {
  /** Every state so far, of the whole filling, the first before anything has happened. */
  readonly states: State[] = [];

  readonly #plan: CoolingPlan;
  readonly #refinement: number;
  readonly #stretches: readonly Stretch[];
  readonly #faces: readonly Faces[];
  readonly #factor: number;
  readonly #density: number;
  readonly #food: Material;
  readonly #isAllStirred: boolean;
  readonly #material: Material;
  readonly #sides: Sides | null;
  #at = 0;
  #body: Body;
  /** What the bodies before have seen: a filling that is spread is a new body with an old past. */
  #past = { seconds: 0, vapour: 0, heatLost: 0 };
  #stirs = 0;
  #stirAt: number;
  #timesCoarse = 0;

  constructor(plan: CoolingPlan, refinement: number) {
    this.#plan = plan;
    this.#refinement = refinement;
    this.#stretches = stretchesOf(plan);
    this.#factor = plan.factor ?? 1;
    this.#faces = this.#stretches.map((s) => facesOf(s, this.#factor));
    this.#density = thermalProperties(plan.composition, 20).density;
    this.#food = foodMaterialOf(plan.composition);
    this.#isAllStirred = this.#stretches.every((s) => s.stirred);
    this.#material = this.#isAllStirred ? wellMixed(this.#food, WELL_MIXED_K) : this.#food;
    const last = this.#stretches[this.#stretches.length - 1];
    this.#sides = plan.isRound === true ? sidesOf(plan, this.#areaOf(last), this.#isAllStirred) : null;
    this.#body = this.#lay(this.#stretch, plan.startC);
    this.#stirAt = nextStir(this.#stretch, 0, this.#isAllStirred, 0);
    this.states.push(this.#whole());
  }

  /** So many stirs and moves that it was worked out with fewer stirs, or with coarser steps. */
  get isCoarse(): boolean {
    return this.#stirs > STIRS_AS_SAID || this.#timesCoarse > 0;
  }

  /** Cools until the warmest place is at `untilC`, until it has come to rest warmer than that, or for a day. */
  coolTo(untilC: number): void {
    while (this.#state.warmestC > untilC && this.#state.seconds < LONGEST_S) {
      const before = this.#state;
      const stretch = this.#stretch;
      const event = Math.min(stretch.endS, this.#stirAt, LONGEST_S);
      this.#coarsenWhereLong();
      this.#step(event);
      if (this.#state.seconds >= event - SAME_S && event < LONGEST_S) this.#doWhatIsDue(stretch);
      else if (stretch === this.#stretches[this.#stretches.length - 1] && this.#isAtRest(before, untilC)) break;
    }
  }

  get #state(): State {
    return this.states[this.states.length - 1];
  }

  get #stretch(): Stretch {
    return this.#stretches[this.#at];
  }

  #areaOf({ depthMm }: Stretch): number {
    return this.#plan.massG / 1000 / this.#density / (depthMm / 1000);
  }

  /** The wall belongs to the vessel that is planned; a leg at another depth lies in another. */
  #wallOf(stretch: Stretch): Sides | null {
    return stretch.depthMm === this.#plan.depthMm ? this.#sides : null;
  }

  /** A body that is one temperature throughout; its faces are those of the stretch that it is in. */
  #lay({ depthMm }: Stretch, startC: number): Body {
    return new Body({
      dimension: 1,
      layers: [{ thickness: depthMm / 1000, material: this.#material }],
      startC,
      outer: (surfaceC) => this.#faces[this.#at].outer(surfaceC),
      inner: () => this.#faces[this.#at].inner,
      capC: 100,
      cells: CELLS,
      refinement: this.#refinement,
    });
  }

  /** The state of the whole filling now, with what came before. */
  #whole(): State {
    const s = this.#body.state();
    const stretch = this.#stretch;
    const area = this.#areaOf(stretch);
    // The warmest place of a pot is on its axis.
    const wall = this.#wallOf(stretch);
    const warmestC = wall ? Math.max(s.warmestC, wall.atAxis(s.warmestC, airOf(stretch))) : s.warmestC;
    return {
      ...s,
      warmestC: Math.min(this.#plan.startC, warmestC),
      seconds: this.#past.seconds + s.seconds,
      vapour: this.#past.vapour + s.vapour * area,
      heatLost: this.#past.heatLost + s.heatLost * area,
      heatLeft: s.heatLeft * area,
    };
  }

  #coarsenWhereLong(): void {
    if (this.states.length < STEPS_AS_FINE * (this.#timesCoarse + 1)) return;
    this.#timesCoarse += 1;
    this.#body.coarsen();
  }

  /** One step, at most to an event. */
  #step(event: number): void {
    const stretch = this.#stretch;
    const wall = this.#wallOf(stretch);
    const { seconds } = this.#state;
    this.#body.advance(Math.min(wall ? WALL_STEP_S : Infinity, event - seconds));
    if (wall) {
      const h = PLACES[stretch.place].h * this.#factor;
      const took = this.#past.seconds + this.#body.state().seconds - seconds;
      this.#body.loseAside(airOf(stretch), wall.pass(took, h));
    }
    this.states.push(this.#whole());
  }

  /** It is stirred, or goes on to the next stretch, or both. */
  #doWhatIsDue(stretch: Stretch): void {
    const { seconds } = this.#state;
    if (seconds >= this.#stirAt - SAME_S) {
      this.#mix();
      this.#stirs += 1;
    }
    if (seconds >= stretch.endS - SAME_S) this.#moveOn();
    this.#stirAt = nextStir(this.#stretch, seconds, this.#isAllStirred, this.#stirs);
    this.states.push(this.#whole());
  }

  #mix(): void {
    this.#body.mix();
    this.#sides?.mix();
  }

  /** The next stretch: the same body elsewhere, or, at another depth, a new one; spreading mixes it. */
  #moveOn(): void {
    const next = this.#stretches[this.#at + 1];
    if (next.depthMm === this.#stretch.depthMm) this.#body.restart();
    else {
      this.#mix();
      const { seconds, vapour, heatLost } = this.#state;
      this.#past = { seconds, vapour, heatLost };
      this.#body = this.#lay(next, this.#body.state().meanC);
      for (let i = 0; i < this.#timesCoarse; i++) this.#body.coarsen();
    }
    this.#at += 1;
  }

  /** Counted in heat, not degrees: while it freezes, the temperature hardly moves. */
  #isAtRest(before: State, untilC: number): boolean {
    const now = this.#state;
    const heat = (before.heatLeft - now.heatLeft) / (now.seconds - before.seconds);
    const { depthMm } = this.#stretch;
    return heat < RESTING_C_PER_S * this.#food.slope(untilC) * (depthMm / 1000) * this.#areaOf(this.#stretch);
  }
}
