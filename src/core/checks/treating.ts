/** Treating a wet line otherwise: squeezed, drained, fried, beaten in. The amount stays what it was before the treatment. */
import { type FillingKind } from '../vocabulary/methods/method';
import { type Preparation, type Release, RELEASES } from '../vocabulary/releases';
import { STAGES } from '../vocabulary/stages';
import { type ResolvedLine } from '../filling/lines';
import { BEATEN_IN, isRawMince } from '../filling/uptake';
import { type Accounts } from './account';
import { type Candidate } from './check';
import { type Group } from './moisture-groups';
import { spoken, spokenFirst } from '../food/spoken-name';

/** So many lines are tried with other preparations, and each with so many: tables stand in a cook's order. */
const MOST_TREATED = 4;
const MOST_WAYS = 3;
/** A preparation that still lets go of so much, g in 100 g, may be exchanged for a drier one. House estimate. */
const STILL_WET = 10;

/** Ways to treat the wettest lines, each a candidate of its own. */
export function treating({ lines, salt, takes }: Accounts): Candidate[] {
  const hasMince = lines.some(isRawMince);
  const untreated = lines
    .filter((l) => l.preparation.treatment === 'none' || l.preparation.release >= STILL_WET)
    .sort((a, b) => b.releaseG - a.releaseG)
    .slice(0, MOST_TREATED);
  return untreated.flatMap((l) =>
    RELEASES[l.ingredient.release]
      .filter((p) => isDrier(p, l) && !p.takesStarch && suits(l, p))
      // Nobody salts and wrings what is sweet, sugars fruit that is not, or beats stock into what is no mince.
      .filter((p) => !(p.keptSalt > 0 && salt.isSweet) && (p.id !== BEATEN_IN || hasMince))
      .filter((p) => salt.isSweet || l.ingredient.family !== 'fruit' || p.treatment !== 'squeeze')
      .slice(0, MOST_WAYS)
      .map((p) => ({
        id: `prepare-${l.line.id}-${p.id}`,
        label:
          p.id === BEATEN_IN
            ? `Beat the ${spoken(l.ingredient.name)} in by the spoonful`
            : `${spokenFirst(l.ingredient.name)}: ${p.label}`,
        change: [{ do: 'changeLine' as const, id: l.line.id, to: { preparation: p.id, weighed: 'raw' as const } }],
        minutes: p.handsOnMinutes + p.waitMinutes,
        group: groupFor(p, l, takes.kind),
        sparesG: Math.max(0, l.releaseG - (p.release / 100) * l.rawG * p.yield),
      })),
  );
}

const GROUP_OF: Readonly<Record<Preparation['treatment'], Group>> = {
  mix: 'mix',
  squeeze: 'squeeze',
  reduce: 'fry',
  cook: 'treat',
  soak: 'treat',
  none: 'treat',
};

/** These are sweated rather than salted or blanched and wrung, where the pan is on anyway. */
const SWEATED_RATHER: readonly Release[] = [
  'firmLeaf',
  'juicyLeaf',
  'root',
  'dicedRoot',
  'potato',
  'squash',
  'sieved',
  'pulpy',
];

/** What is in the pan already is only left there longer; fruit that goes in raw is not boiled first, nor greens into raw meat. */
function groupFor({ treatment }: Preparation, { line, ingredient }: ResolvedLine, kind: FillingKind): Group {
  const isInPan = STAGES[line.stage].isInPan;
  // The liquid of a tin is poured off.
  if (treatment === 'none') return 'squeeze';
  if (treatment === 'cook' && (isInPan || kind === 'cooked')) return 'fry';
  if (treatment === 'squeeze' && isInPan && SWEATED_RATHER.includes(ingredient.release)) return 'treat';
  return treatment === 'reduce' && !isInPan && ingredient.family === 'fruit' ? 'treat' : GROUP_OF[treatment];
}

function isDrier(p: Preparation, { preparation, ingredient, line }: ResolvedLine): boolean {
  // What is cooked is not made raw again, nor what is grated whole.
  if (p.treatment === 'none') return p.id === 'raw' && preparation.id === 'with-liquid';
  // Liquid is boiled down to a stop weight, not by a word.
  if (ingredient.liquid) return p.id === BEATEN_IN && preparation.id === 'raw' && STAGES[line.stage].keepsRaw;
  if (preparation.cooked && !p.cooked) return false;
  // Onions are softened, not blanched and wrung.
  if (p.id === 'blanched-squeezed' && ingredient.family === 'allium') return false;
  return p.release < preparation.release;
}

/** Raw meat and fish that go in raw stay raw: cooking them first would be another school. */
const suits = (l: ResolvedLine, p: Preparation): boolean =>
  !p.cooked || l.ingredient.hazard === 'none' || STAGES[l.line.stage].isInPan;
