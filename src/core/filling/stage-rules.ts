/** What must not go in when: egg and raw meat into the heat, tender herbs and cheese too early, starch without a slurry. */
import { type Stage } from '../batch/vocabulary';
import { type Finding } from './finding';
import { type ResolvedLine } from './lines';

interface Rule {
  applies: (line: ResolvedLine, hot: boolean) => boolean;
  why: string;
  /** Where it belongs; null where moving it is not the answer. */
  to: Stage | null;
}

const TENDER = ['parsley', 'dill', 'coriander-leaf', 'mint', 'chives', 'basil', 'tarragon', 'chervil', 'wild-garlic'];
const RAW_MEAT = ['poultry', 'minced-meat', 'whole-meat', 'fish', 'shellfish'];
const RAW_STARCH = ['cornflour', 'potato-starch', 'tapioca', 'waxy-rice'];

const RULES: readonly Rule[] = [
  {
    applies: ({ ingredient, line }) => ingredient.hazard === 'egg' && ['off-heat', 'simmer'].includes(line.stage),
    why: 'sets in lumps in anything above about 40 °C: let the filling cool first.',
    to: 'when-cool',
  },
  {
    applies: ({ ingredient, line, preparation }) =>
      RAW_MEAT.includes(ingredient.hazard) && !preparation.cooked && line.stage === 'off-heat',
    why: 'only warms in something hot and does not cook: that is where bacteria grow. Below 10 °C, or into the pan.',
    to: 'raw-mix',
  },
  {
    applies: ({ ingredient, line }) => TENDER.includes(ingredient.id) && ['cook-first', 'simmer'].includes(line.stage),
    why: 'loses its scent in the pan: it belongs in when the filling is below 40 °C.',
    to: 'when-cool',
  },
  {
    applies: ({ ingredient, line }, hot) =>
      ingredient.family === 'dairy' &&
      !ingredient.liquid &&
      ingredient.composition.protein > 0.1 &&
      (line.stage === 'off-heat' || (line.stage === 'simmer' && hot)),
    why: 'melts into the filling above about 25 °C. If it should stay in pieces, add it when cool.',
    to: 'when-cool',
  },
  {
    applies: ({ ingredient, line }) =>
      RAW_STARCH.includes(ingredient.binder ?? '') &&
      line.stage === 'simmer' &&
      !/slak|slurry|cold water/i.test(line.note),
    why: 'lumps when it meets boiling liquid: slake it with a little cold water, or sprinkle and stir at once.',
    to: null,
  },
];

/** What stands at the wrong stage, each with its reason. */
export function stageFindings(lines: readonly ResolvedLine[]): Finding[] {
  const hot = lines.some((l) => l.line.stage === 'cook-first' || l.line.stage === 'simmer');
  return lines.flatMap((l) =>
    RULES.filter((rule) => rule.applies(l, hot)).map((rule) => ({
      lineId: l.line.id,
      text: `${l.ingredient.name} ${rule.why}`,
      fix: fixFor(rule, l),
    })),
  );
}

function fixFor(rule: Rule, { line }: ResolvedLine): Finding['fix'] {
  if (rule.to !== null) {
    return {
      label: rule.to === 'when-cool' ? 'Add it when cool' : 'Into the raw mix',
      change: [{ do: 'changeLine', id: line.id, to: { stage: rule.to } }],
    };
  }
  const note = line.note === '' ? 'slaked with cold water' : `${line.note}, slaked with cold water`;
  return { label: 'Slake it first', change: [{ do: 'changeLine', id: line.id, to: { note } }] };
}
