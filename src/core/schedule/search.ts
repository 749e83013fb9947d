/**
 * The search for a plan, backwards from the end. All tasks start as late as the orders allow; where more is needed at once than
 * there is, one of two goes before the other (precedence constraint posting: De Reyck & Herroelen 1998 for the branching; Cesta,
 * Oddi & Smith 2000 for improving a plan by freeing a part of it). Small problems are searched to the end: then the plan is the
 * best there is. Larger ones are built up cluster by cluster and improved. Longest waits are orders like all others, so they are
 * never broken.
 */
import { uniform } from '../random/generators';
import { type Clash, latestClash, type Use, usesOf, type WayOut } from './clashes';
import { backwards, type Clusters, clustersOf } from './clusters';
import { freed } from './freed';
import { type Network, network } from './network';
import { type Problem } from './problem';
import { canBeat, earliestOf, isBetter, tooLongBy, type Wait, type Worth, worthOf } from './worth';

/** A plan: starts by task, and what was decided to get there. */
export interface Found {
  starts: Int32Array;
  worth: Worth;
  decided: readonly WayOut[];
}

/** How a search ended. */
export interface Searched {
  best: Found | null;
  /** Everything was looked at: the plan is the best there is, or there is none. */
  isWhole: boolean;
  /** Where none was found: the tasks of the cluster that most often had no place. */
  stuck: readonly number[];
}

/** A problem of at most so many tasks is searched whole, up to so many dead ends. House estimates. */
const SMALL = 12;
const WHOLE_DEAD_ENDS = 20_000;
/** So many dead ends while a cluster is put in, and while a part is decided anew. */
const CLUSTER_DEAD_ENDS = 40;
const PART_DEAD_ENDS = 12;
const ALONE_DEAD_ENDS = 3000;
const LIKE_DEAD_ENDS = 60;
/** So many orders of clusters are tried before it is said that none was found; so many, where one was. */
const MOST_BUILDS = 12;
const BUILDS = 4;
/** A plan that begins too early is built up anew once in so many rounds. */
const REBUILD_EVERY = 3;
/** Of two ways that are nearly as good the other one is sometimes taken. */
const OTHERWISE = 0.12;

export interface SearchOptions {
  /** Waits that need not be kept; those that are too long in the end count against a plan. */
  unkept?: readonly Wait[];
  seed?: number;
  /** So many dead ends of a small problem. */
  deadEnds?: number;
  /** So many orders of clusters at most. */
  builds?: number;
  /** Starts of an earlier plan: its order of work is tried first. */
  like?: ReadonlyMap<string, number>;
}

type Steps<Result> = Generator<Found | null, Result>;

/**
 * Searches; after every step it can be stopped. Each value is the best plan so far, or null.
 * @returns what came of it when it ends by itself
 */
export function* search(problem: Problem, options: SearchOptions = {}): Steps<Searched> {
  const { unkept = [], seed = 1, deadEnds = WHOLE_DEAD_ENDS, builds = MOST_BUILDS, like } = options;
  const isUnkept = new Set(unkept.map(({ task, place }) => `${task} ${place}`));
  const net = network(problem, (task, place) => !isUnkept.has(`${task} ${place}`));
  if (net === null) return { best: null, isWhole: true, stuck: [] };
  const searching = new Searching(problem, net, seed, unkept);
  if (like !== undefined) yield* searching.inOrderOf(like);
  return problem.tasks.length <= SMALL ? yield* searching.whole(deadEnds) : yield* searching.inParts(builds);
}

class Searching {
  private readonly earliest: Int32Array;
  private readonly uses: Use[];
  private readonly random: () => number;
  private readonly clusters: Clusters;
  /** No plan is better than all tasks at their latest, each by itself. */
  private readonly goal: Worth;
  /** The tasks that are looked at. */
  private readonly isIn: Uint8Array;
  private readonly placeOf: ReadonlyMap<string, number>;
  /** Orders of clusters by themselves, worked out when they are first needed. */
  private readonly alone: WayOut[][] = [];
  private readonly decidedAlone: WayOut[] = [];
  /** How often a cluster had no place. */
  private readonly stuck: Map<number, number>;
  private best: Found | null = null;
  /** Starts in an earlier plan whose order is followed; null where none is. */
  private startOf: ((task: number) => number | null) | null = null;

  constructor(
    private readonly problem: Problem,
    private readonly net: Network,
    seed: number,
    private readonly unkept: readonly Wait[],
  ) {
    this.placeOf = new Map(problem.tasks.map((t, i) => [t.id, i]));
    this.stuck = new Map();
    this.earliest = earliestOf(problem);
    this.uses = usesOf(problem);
    this.random = uniform(seed);
    this.clusters = clustersOf(problem);
    this.goal = this.worth();
    this.isIn = new Uint8Array(problem.tasks.length).fill(1);
  }

  /** The order of an earlier plan, where it still does; what is new in it goes where it is best. */
  *inOrderOf(like: ReadonlyMap<string, number>): Steps<void> {
    const { tasks } = this.problem;
    const mark = this.net.mark();
    const decided: WayOut[] = [];
    this.startOf = (i) => like.get(tasks[i].id) ?? null;
    const ended = yield* this.down({ deadEnds: LIKE_DEAD_ENDS }, decided, false, false, () => true);
    this.startOf = null;
    if (ended === 'solved') this.keepIfBetter(decided);
    this.net.backTo(mark);
    yield this.best;
  }

  /** Searched to the end, or until there were too many dead ends; then what there is is improved. */
  *whole(deadEnds: number): Steps<Searched> {
    const isWhole = yield* this.everyPlan({ deadEnds }, false);
    if (isWhole || this.best === null) return { best: this.best, isWhole, stuck: this.problem.tasks.map((_, i) => i) };
    return yield* this.improved();
  }

  /** Built up in several orders, then improved. */
  *inParts(builds: number): Steps<Searched> {
    // An order of before that does is improved; others are built where there is none.
    const wanted = this.best === null || this.best.worth.tooEarly > 0 ? builds : 0;
    for (let k = 0; k < wanted && (this.best === null || k < BUILDS); k++) {
      yield* this.built();
      yield this.best;
    }
    if (this.best === null) {
      const most = [...this.stuck].sort((a, b) => b[1] - a[1])[0]?.[0];
      return { best: null, isWhole: false, stuck: most === undefined ? [] : this.clusters.members[most] };
    }
    return yield* this.improved();
  }

  private worth(): Worth {
    return worthOf(this.problem, this.earliest, this.net.latest);
  }

  private take(way: WayOut): boolean {
    return 'task' in way ? this.net.endBy(way.task, way.by) : this.net.order(way.before, way.after, way.gap);
  }

  private keepIfBetter(decided: readonly WayOut[]): void {
    const { latest } = this.net;
    const tooLong = this.unkept.reduce((sum, w) => sum + tooLongBy(this.problem, this.placeOf, latest, w), 0);
    const worth = { ...this.worth(), tooLong };
    if (this.best === null || isBetter(worth, this.best.worth))
      this.best = { starts: Int32Array.from(this.net.latest), worth, decided: [...decided] };
  }

  /** Goes through all plans from where the network stands, as far as they could be better. @returns whether that was all */
  private *everyPlan(left: { deadEnds: number }, isRandom: boolean, kept: readonly WayOut[] = []): Steps<boolean> {
    const mark = this.net.mark();
    const decided: WayOut[] = [...kept];
    const ended = yield* this.down(left, decided, isRandom, true, () => {
      this.keepIfBetter(decided);
      return false;
    });
    this.net.backTo(mark);
    return ended === 'all';
  }

  /**
   * Goes down decision by decision, and back where there is no way on.
   * @param decided grows and shrinks with it
   * @param isSolved asked where nothing clashes any more: whether to stay there
   */
  private *down(
    left: { deadEnds: number },
    decided: WayOut[],
    isRandom: boolean,
    isBounded: boolean,
    isSolved: () => boolean,
  ): Steps<'solved' | 'all' | 'gave up'> {
    const from = decided.length;
    const mark = this.net.mark();
    const open: { ways: WayOut[]; mark: number }[] = [];
    for (let steps = 1; ; steps++) {
      if (steps % 64 === 0) yield this.best;
      const clash = latestClash(this.uses, this.net, this.isIn);
      if (clash === null && isSolved()) return 'solved';
      open.push({ ways: clash === null ? [] : this.waysOn(clash, isRandom, isBounded), mark: this.net.mark() });
      for (;;) {
        const here = open[open.length - 1];
        this.net.backTo(here.mark);
        decided.length = from + open.length - 1;
        const way = here.ways.pop();
        if (way !== undefined) {
          if (!this.take(way)) continue;
          if (isBounded && !canBeat(this.worth(), this.best?.worth ?? null)) continue;
          decided.push(way);
          break;
        }
        open.pop();
        left.deadEnds -= 1;
        if (open.length === 0) return 'all';
        if (left.deadEnds < 0) {
          this.net.backTo(mark);
          decided.length = from;
          return 'gave up';
        }
      }
    }
  }

  /** The ways out that are possible and could still lead to something better, the best last. */
  private waysOn({ ways }: Clash, isRandom: boolean, isBounded: boolean): WayOut[] {
    const tried: { way: WayOut; worth: Worth }[] = [];
    for (const way of ways) {
      const mark = this.net.mark();
      if (this.take(way)) {
        const worth = this.worth();
        if (!isBounded || canBeat(worth, this.best?.worth ?? null)) tried.push({ way, worth });
      }
      this.net.backTo(mark);
    }
    tried.sort((a, b) => {
      const order = this.followsOrder(a.way) - this.followsOrder(b.way);
      return order !== 0 ? order : isBetter(a.worth, b.worth) ? 1 : -1;
    });
    if (isRandom && tried.length > 1 && this.random() < OTHERWISE) tried.push(...tried.splice(-2, 1));
    return tried.map(({ way }) => way);
  }

  /** 1 where a way out is that of the earlier plan, −1 where it is against it. */
  private followsOrder(way: WayOut): number {
    if (this.startOf === null || 'task' in way) return 0;
    const [before, after] = [this.startOf(way.before), this.startOf(way.after)];
    return before === null || after === null ? 0 : Math.sign(after - before);
  }

  /** A plan built up cluster by cluster, each put in among those that are there, or before all of them. */
  private *built(): Steps<void> {
    const mark = this.net.mark();
    const decided: WayOut[] = [];
    this.isIn.fill(0);
    for (const cluster of backwards(this.clusters, this.random)) {
      const members = this.clusters.members[cluster];
      const there = this.problem.tasks.flatMap((_, i) => (this.isIn[i] === 1 ? [i] : []));
      members.forEach((i) => (this.isIn[i] = 1));
      const putIn = () => this.down({ deadEnds: CLUSTER_DEAD_ENDS }, decided, true, false, () => true);
      let ended = yield* putIn();
      if (ended !== 'solved' && this.putBefore(members, there, decided) && this.asByItself(cluster, decided))
        ended = yield* putIn();
      if (ended !== 'solved') {
        this.stuck.set(cluster, (this.stuck.get(cluster) ?? 0) + 1);
        this.isIn.fill(1);
        this.net.backTo(mark);
        return;
      }
    }
    this.keepIfBetter(decided);
    this.net.backTo(mark);
  }

  /** In the order in which a cluster would be done if there were nothing else. */
  private asByItself(cluster: number, decided: WayOut[]): boolean {
    const order = (this.alone[cluster] ??= this.workedOutAlone(cluster));
    const mark = this.net.mark();
    const had = decided.length;
    for (const way of order) {
      if (!this.take(way)) {
        this.net.backTo(mark);
        decided.length = had;
        return true;
      }
      decided.push(way);
    }
    return true;
  }

  /** Who comes before whom in a cluster that has everything to itself; times in which less is there are left to the rest. */
  private workedOutAlone(cluster: number): WayOut[] {
    const members = this.clusters.members[cluster];
    const { problem } = this;
    const tasks = members.map((i) => ({ ...problem.tasks[i], earliest: undefined }));
    const resources = Object.fromEntries(
      Object.entries(problem.resources).map(([name, { changes: _c, ...rest }]) => [name, rest]),
    );
    const mine = { ...problem, startMinute: undefined, resources, tasks };
    const net = network(mine);
    if (net === null) return [];
    const alone = new Searching(mine, net, 1, []);
    const run = alone.down({ deadEnds: ALONE_DEAD_ENDS }, alone.decidedAlone, false, false, () => true);
    while (!run.next().done);
    return alone.decidedAlone.flatMap((way) =>
      'task' in way ? [] : [{ before: members[way.before], after: members[way.after], gap: way.gap }],
    );
  }

  /** All of them before all that are there, where they share anything. */
  private putBefore(members: readonly number[], there: readonly number[], decided: WayOut[]): boolean {
    const { tasks, resources } = this.problem;
    const mark = this.net.mark();
    const had = decided.length;
    for (const before of members)
      for (const after of there) {
        const shared = Object.keys(tasks[before].needs).filter((r) => (tasks[after].needs[r] ?? 0) > 0);
        if (shared.length === 0) continue;
        const way = { before, after, gap: Math.max(0, ...shared.map((r) => resources[r]?.changeOver ?? 0)) };
        if (!this.take(way)) {
          this.net.backTo(mark);
          decided.length = had;
          return false;
        }
        decided.push(way);
      }
    return true;
  }

  /** A part of what was decided is kept, the rest decided anew, again and again. */
  private *improved(): Steps<Searched> {
    for (let round = 1; ; round++) {
      const from = this.best as Found;
      if (!isBetter(this.goal, from.worth)) return { best: from, isWhole: false, stuck: [] };
      // What begins too early was perhaps only built up in a poor order.
      if (from.worth.tooEarly > 0 && round % REBUILD_EVERY === 0) yield* this.built();
      const mark = this.net.mark();
      const isFree = freed(this.problem, from, this.clusters, this.random);
      const kept = from.decided.filter((way) => !isFree(way) && this.take(way));
      yield* this.everyPlan({ deadEnds: PART_DEAD_ENDS }, true, kept);
      this.net.backTo(mark);
      yield this.best;
    }
  }
}
