/** What must not go in when: egg and raw meat into the heat, tender herbs and cheese too early, starch without a slurry. */
import { HAZARDS } from '../vocabulary/foods';
import { type Stage, STAGES } from '../vocabulary/stages';
import { inScale } from '../units/format';
import { binderOf } from './binders';
import { type Finding } from './finding';
import { type ResolvedLine } from './lines';

/** What the other lines make of the pot. */
interface Setting {
  /** Something has been cooked before. */
  hot: boolean;
  /** Liquid is in the pan. */
  liquid: boolean;
  /** Salt, or something salty, is in the raw mix. */
  saltInMix: boolean;
}

interface Rule {
  applies: (line: ResolvedLine, setting: Setting) => boolean;
  why: string;
  /** Where it belongs, or what is to be said of it so that it is done right. */
  mend: { to: Stage } | { label: string; note: string };
}

const RULES: readonly Rule[] = [
  {
    applies: ({ ingredient, line }) => ingredient.hazard === 'egg' && ['off-heat', 'simmer'].includes(line.stage),
    why: 'sets in lumps in anything above about 40 °C: let the filling cool first.',
    mend: { to: 'when-cool' },
  },
  {
    applies: ({ ingredient, line, preparation }) =>
      HAZARDS[ingredient.hazard].isFlesh && !preparation.cooked && line.stage === 'off-heat',
    why: 'only warms in something hot and does not cook: that is where bacteria grow. Below 10 °C, or into the pan.',
    mend: { to: 'raw-mix' },
  },
  {
    applies: ({ ingredient, line }) => ingredient.isTender && STAGES[line.stage].isInPan,
    why: 'loses its scent in the pan: it belongs in when the filling is below 40 °C.',
    mend: { to: 'when-cool' },
  },
  {
    applies: ({ ingredient, line }, { hot }) =>
      ingredient.family === 'dairy' &&
      !ingredient.liquid &&
      ingredient.composition.protein > 0.1 &&
      (line.stage === 'off-heat' || (line.stage === 'simmer' && hot)),
    why: 'melts into the filling above about 25 °C. If it should stay in pieces, add it when cool.',
    mend: { to: 'when-cool' },
  },
  {
    applies: ({ ingredient, line }) =>
      binderOf({ ingredient })?.isStarch === true &&
      line.stage === 'simmer' &&
      !/slak|slurry|cold water/i.test(line.note),
    why: 'lumps when it meets boiling liquid: slake it with a little cold water, or sprinkle and stir at once.',
    mend: { label: 'Slake it first', note: 'slaked with cold water' },
  },
  {
    applies: ({ ingredient, line, preparation }, { saltInMix }) =>
      ingredient.hazard === 'shellfish' &&
      !preparation.cooked &&
      line.stage === 'raw-mix' &&
      saltInMix &&
      !/salt (?:in )?last|just before/i.test(line.note),
    why: 'turns tough in salt after about 20 minutes: salt the mix last, keep it cold and wrap it soon.',
    mend: { label: 'Salt it last', note: 'salt last, wrap within 20 minutes, cold' },
  },
  {
    applies: ({ ingredient, line, preparation }, { liquid }) =>
      ingredient.family === 'root' &&
      (preparation.id === 'boiled-mash' ||
        (line.stage === 'simmer' && liquid && /\b(?:whole|large|chunks?)\b/i.test(line.note))) &&
      !/cold (?:salted )?water|from cold/i.test(line.note),
    why: 'falls apart outside before it is soft inside when it goes into boiling water: start it in cold.',
    mend: { label: 'Start it cold', note: 'from cold water' },
  },
];

const SALTY = 3;

/** What stands at the wrong stage, each with its reason. */
export function stageFindings(lines: readonly ResolvedLine[], scale: 'C' | 'F'): Finding[] {
  const pan = lines.filter((l) => STAGES[l.line.stage].isInPan);
  const setting: Setting = {
    hot: pan.length > 0,
    liquid: pan.some((l) => l.ingredient.liquid),
    saltInMix: lines.some((l) => l.line.stage === 'raw-mix' && l.ingredient.salt >= SALTY),
  };
  return lines.flatMap((l) =>
    RULES.filter((rule) => rule.applies(l, setting)).map((rule) => ({
      lineId: l.line.id,
      text: `${l.ingredient.name} ${inScale(rule.why, scale)}`,
      fix: fixFor(rule, l),
    })),
  );
}

function fixFor({ mend }: Rule, { line }: ResolvedLine): Finding['fix'] {
  if ('to' in mend) {
    return {
      label: mend.to === 'when-cool' ? 'Add it when cool' : 'Into the raw mix',
      change: [{ do: 'changeLine', id: line.id, to: { stage: mend.to } }],
    };
  }
  const note = line.note === '' ? mend.note : `${line.note}, ${mend.note}`;
  return { label: mend.label, change: [{ do: 'changeLine', id: line.id, to: { note } }] };
}
