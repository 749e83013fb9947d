/** A parcel in surroundings that change: put from one into another, turned, its faces drying to a crust. */
import { Body } from './conduction';
import { BOILING_HEAT, crustDepth, crustSurface, throughCrust } from './crust';
import { type Exchange, type Face, type Layer, type State } from './problem';

/** What a face meets. */
export interface Surroundings {
  mediumC: number;
  /** W/m²·K, into a moist face */
  h: number;
  /** Onto a face that has dried, W/m²·K, where that is more: until then the difference goes into drying it. */
  hDry?: number;
}

/** Around it, or above (outer) and below (inner) a slab. */
export interface Around {
  outer: Surroundings;
  inner?: Surroundings;
}

export interface ParcelInput {
  /** 1 to 3 */
  dimension: number;
  /** From the centre outward; of a slab with two faces from the inner face to the outer. */
  layers: readonly Layer[];
  startC: number;
  around: Around;
  /** Water that a face loses as it dries, kg/m³; 0: it dries to no crust. */
  crustWater?: number;
  refinement?: number;
  /** Cells in the whole body; without it enough for 0.1 °C. */
  cells?: number;
}

export interface ParcelState extends State {
  /** The faces themselves, crust included, °C. */
  outerFaceC: number;
  innerFaceC: number;
  /** Heat taken in through the faces since the start, J per unit shape. */
  takenIn: number;
  /** How far what came in differs from what is in it and what boiled off, share of what came in. */
  residual: number;
  /** Water boiled off since the start, kg per unit shape. */
  boiledOff: number;
}

/** A face dried so deep is dry: nothing is left for the air to take, m. House estimate: about a sheet of pastry. */
const DRY_M = 0.003;

/** Surroundings with nothing left out, so that the innermost loops meet one shape of object. */
type Met = Required<Surroundings>;
const met = ({ mediumC, h, hDry = h }: Surroundings): Met => ({ mediumC, h, hDry });

/** Coefficient from the medium onto a face that has dried so deep, W/m²·K. */
const filmOn = ({ h, hDry }: Met, depth: number): number => (depth < DRY_M ? h + ((hDry - h) * depth) / DRY_M : hDry);

const FACES = ['outer', 'inner'] as const;

/** Less heat than this is no heat to find an error in, J per unit shape. */
const SOME_HEAT = 1e-3;

export class HeatedParcel {
  private readonly body: Body;
  private readonly crustWater: number;
  /** No deeper than its outermost layer, m. */
  private readonly deepest: { outer: number; inner: number };
  private readonly outerArea: number;
  private around: Around;
  private isTurned = false;
  /** What each face of the body meets now: known anew where it is put, turned or drifts, asked at every step. */
  private facing: { outer: Met; inner: Met };
  private readonly depth = { outer: 0, inner: 0 };
  /** Heat that went into drying the faces from outside, J/m²: it never was in the parcel. */
  private readonly dragged = { outer: 0, inner: 0 };
  private readonly exchange: { outer: Exchange; inner: Exchange };
  private readonly heatAtStart: number;

  constructor({ dimension, layers, startC, around, crustWater = 0, refinement, cells }: ParcelInput) {
    this.around = around;
    this.facing = { outer: met(around.outer), inner: met(around.inner ?? around.outer) };
    this.crustWater = crustWater;
    this.deepest = { outer: layers[layers.length - 1].thickness, inner: layers[0].thickness };
    this.outerArea = layers.reduce((sum, { thickness }) => sum + thickness, 0) ** (dimension - 1);
    const exchange = ({ mediumC, h }: Surroundings): Exchange => ({ mediumC, h });
    this.exchange = { outer: exchange(around.outer), inner: exchange(around.inner ?? around.outer) };
    const face =
      (which: 'outer' | 'inner'): Face =>
      () =>
        this.exchange[which];
    this.body = new Body({
      dimension,
      layers,
      startC,
      outer: face('outer'),
      inner: around.inner === undefined ? undefined : face('inner'),
      refinement,
      cells,
    });
    this.heatAtStart = this.body.state().heatLeft;
  }

  /** From now on it is somewhere else. */
  put(around: Around): void {
    this.around = around;
    this.faceAnew();
    this.body.restart();
  }

  /** What was below is above. */
  turn(): void {
    this.isTurned = !this.isTurned;
    this.faceAnew();
    this.body.restart();
  }

  /** Its surroundings are a little warmer or colder than they were. */
  drift(mediumC: number): void {
    const { outer, inner } = this.around;
    this.around = { outer: { ...outer, mediumC }, inner: inner && { ...inner, mediumC } };
    this.faceAnew();
  }

  private faceAnew(): void {
    const { outer, inner = outer } = this.around;
    const [above, below] = [met(outer), met(inner)];
    this.facing = this.isTurned ? { outer: below, inner: above } : { outer: above, inner: below };
    this.exchangeAnew();
  }

  private exchangeAnew(): void {
    for (const which of FACES) {
      const facing = this.facing[which];
      this.exchange[which].mediumC = facing.mediumC;
      this.exchange[which].h = throughCrust(filmOn(facing, this.depth[which]), this.depth[which]);
    }
  }

  /** Moves on by one step of the solver's choosing, at most `limit` seconds. */
  advance(limit: number): ParcelState {
    const from = this.body.elapsed;
    const now = this.body.advance(limit);
    if (this.crustWater > 0) this.dry(now, now.seconds - from);
    return this.seen(now);
  }

  /** Water that boiled under a face, and what the air took from it before, leave a crust. */
  private dry(now: State, seconds: number): void {
    this.dryFace('outer', now.boiledOuter / this.outerArea, now.surfaceC, seconds);
    this.dryFace('inner', now.boiledInner, now.innerC, seconds);
    this.exchangeAnew();
  }

  private dryFace(which: 'outer' | 'inner', boiled: number, faceC: number, seconds: number): void {
    const { [which]: facing } = this.facing;
    const drag = facing.hDry - filmOn(facing, this.depth[which]);
    this.dragged[which] += Math.max(0, drag * (facing.mediumC - faceC)) * seconds;
    const heat = boiled + this.dragged[which];
    this.depth[which] = Math.min(this.deepest[which], crustDepth(heat, this.crustWater));
  }

  /** Temperatures at depths, each a share of the whole from the centre (of a slab, from what lay below at first), °C. */
  profile(shares: readonly number[]): number[] {
    return this.body.profile(shares);
  }

  state(): ParcelState {
    return this.seen(this.body.state());
  }

  private seen(now: State): ParcelState {
    const { outer, inner } = this.facing;
    const boiled = now.boiledOuter + now.boiledInner;
    const takenIn = boiled - now.heatLost;
    const kept = now.heatLeft - this.heatAtStart + boiled;
    // Field by field: a state is made at every step, and copying one by its keys took longer than the step.
    return {
      seconds: now.seconds,
      centreC: now.centreC,
      surfaceC: now.surfaceC,
      meanC: now.meanC,
      warmestC: now.warmestC,
      warmestAt: now.warmestAt,
      wrapperC: now.wrapperC,
      coldestC: now.coldestC,
      vapour: now.vapour,
      innerC: now.innerC,
      heatLost: now.heatLost,
      heatLeft: now.heatLeft,
      boiledOuter: now.boiledOuter,
      boiledInner: now.boiledInner,
      outerFaceC: crustSurface(outer.mediumC, now.surfaceC, filmOn(outer, this.depth.outer), this.depth.outer),
      innerFaceC: crustSurface(inner.mediumC, now.innerC, filmOn(inner, this.depth.inner), this.depth.inner),
      takenIn,
      residual: Math.abs(kept - takenIn) / Math.max(SOME_HEAT, Math.abs(takenIn)),
      boiledOff: boiled / BOILING_HEAT,
    };
  }
}
