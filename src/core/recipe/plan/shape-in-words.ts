/** Which form a recipe's parcels have, and of what skin, by its own words. */
import { type EdgeId, type VentId } from '../../vocabulary/edges';
import { type Method } from '../../vocabulary/methods';
import { FORMS, type FormId } from '../../forms';
import { type SkinInWords } from '../wrap-in-words';
import { sentencesOf } from './sentences';

export interface ShapeInWords {
  form: FormId;
  skin: SkinInWords | null;
  thicknessMm: number | null;
  /** g of filling in one, where it is said. */
  portionG: number | null;
  edge: EdgeId | null;
  vent: VentId | null;
  /** The words that say so. */
  words: string;
}

const CM = 10;
const INCH = 25.4;
const mm = (number: string, unit: string): number =>
  Math.round(
    (number.includes('½') ? Number(number.replace('½', '') || '0') + 0.5 : Number(number.replace(',', '.'))) *
      (/^mm/i.test(unit) ? 1 : /^c/i.test(unit) ? CM : INCH),
  );

const LENGTH = '(\\d+(?:[.,]\\d+)?½?)\\s*-?\\s*(mm|cm|centimetres?|inch(?:es)?|in\\b|")';
const ROUND_WORD = '(?:round|circle|disc|wrapper|skin|ball)s?';

/** Four corners pinched beside each other, the filling left to see: no closed square. */
const OPEN_STAR =
  /\bopen[- ](?:topped )?(?:stars?|squares?)\b|\bcorners?\b[^.]*\b(?:leav\w+|left)\b[^.]*\b(?:open|showing|peek\w*|visible|uncovered)\b/i;

/** Words of a form, the telling ones first; what they are made of decides where two fit. */
const FORM_WORDS: readonly [RegExp, FormId][] = [
  [
    /\b(?:pie dish|pie plate|quiche|line (?:a|the) (?:tins?|dish(?:es)?|tray|pan)|in the tray|tray bake|one large pie|deep dish|springform)\b/i,
    'pan-pie',
  ],
  [/\b(?:individual|small) (?:pie )?tins\b|\bin \d+ ?cm tins\b/i, 'pan-pie'],
  [
    /\btin\b[^.]{0,40}\b\d+\s*x\s*\d+\s*cm|\d+\s*x\s*\d+\s*(?:cm|inch|in|")\s+(?:baking\s+)?(?:tin|tray|dish|pan)\b/i,
    'pan-pie',
  ],
  [
    /\b(?:like|as) (?:you would )?(?:fold(?:ing)? )?a flag\b|\bflag[- ]?fold\w*|\bover and over\b[^.]*\btriang\w*|\btriang\w*[^.]*\bover and over\b|\bstrips?\b[^.]*\btriang\w*|\btriang\w*[^.]*\b(?:down|along) the strip\b/i,
    'flag-triangle',
  ],
  [
    /\bthree[- ](?:corner\w*|sided)\b|\b(?:three|3) (?:of (?:the|its) )?(?:sides|edges|corners|places|points)\b|\bfatayer\b|\bhamantasch\w*/i,
    'three-corners',
  ],
  [/\btriangles?\b|\bsamosas?\b/i, 'triangle'],
  [OPEN_STAR, 'envelope'],
  [
    /\b(?:four|all|the) corners (?:to|in|into|up to|towards) the (?:middle|centre|center)\b|\benvelopes?\b/i,
    'envelope',
  ],
  [
    /\bpyramids?\b|\b(?:bring|draw|lift|gather|pull|take|pick)\w*\b[^.]*\bcorners?\b[^.]*\b(?:up|together|meet\w*|over|pinch\w*|seal\w*)\b|\bpinch\w*\b[^.]*\b(?:four|4|all|opposite) (?:\w+ )?corners\b/i,
    'closed-square',
  ],
  [/\bcover\w*\b[^.]*\b(?:another|a second|the second)\b(?! square)/i, 'double-round'],
  [/\bpillows?\b|\bcover with the (?:others|other squares|rest)\b|\bravioli\b/i, 'pillow'],
  [
    /\bspring[- ]rolls?\b|\begg[- ]rolls?\b|\b(?:fold|tuck)\w* (?:in )?(?:the |both |its )?(?:sides|ends)\b[^.]*\b(?:roll|wind)|\broll\w*\b[^.]*\b(?:(?:tuck|fold)\w* (?:in )?(?:the |both |its )?(?:sides|ends)|(?:sides|ends) (?:tucked|folded) in)\b/i,
    'wound-roll',
  ],
  [/\broll(?:ed)? (?:it |them )?up\b|\bsausage rolls?\b|\blay the filling along\b|\bin a rope\b/i, 'roll'],
  [
    /\b(?:gather|bring) (?:\w+ ){0,4}?(?:edges?|dough|sides)\b[^.]*\b(?:roll|flatten|press)\w* (?:it |them |gently )?(?:gently )?(?:out|flat|to)\b|\bflat ?breads?\b[^.]*\bgather/i,
    'flat-round',
  ],
  [
    /\bgather\w*\b|\bpurses?\b|\bpleats? (?:it |them )?(?:up|shut over|together)\b|\bpinch(?:ed)? shut and turn\b|\bseam (?:side )?(?:down|underneath|under)\b|\bpleat shut\b(?=[^.]*\bprove\b)|\bbuns?\b/i,
    'purse',
  ],
  [/\bflat ?breads?\b/i, 'flat-round'],
  [/\bpast(?:y|ies)\b|\bpockets?\b/i, 'pocket'],
  [
    /\bturnovers?\b|\bhand[- ]pies?\b|\bfold(?:ed)?\b(?!\s+(?:in\b(?!\s+half)|through\b|it through\b|the \w+ (?:in|through)\b))|\bhalf[- ]moons?\b|\bdumplings?\b|\bpotstickers?\b|\bempanadas?\b|\bpierogi\b/i,
    'half-moon',
  ],
  // One pie is a pan's; several, where no tin is named, are held in the hand.
  [/\bpie\b/i, 'pan-pie'],
  [/\bpies\b/i, 'pocket'],
  [/\bpleat/i, 'half-moon'],
  [/\brolls\b/i, 'roll'],
];

/** From so large a round on, one is a hand's and not a mouthful, mm. House estimate. */
const A_HAND_MM = 150;

const EDGES: readonly [RegExp, EdgeId][] = [
  [/\bfork/i, 'fork'],
  [/\bpleat/i, 'pleats'],
  [/\b(?:crimp|rope|twist)/i, 'rope'],
];

/** Left open on top: what can have a mouth has one. */
const MOUTH =
  /\bopen[- ](?:topped|faced|stars?|squares?)\b|\b(?:leav\w+|left)\b[^.]*\b(?:(?:middle|centre|center|top|filling)\b[^.]*\b(?:open|showing|peek\w*|visible|uncovered)|(?:small )?(?:opening|hole|mouth) (?:at|on|in) (?:the )?(?:top|middle|centre|center)|open (?:at|on|in) (?:the )?(?:top|middle|centre|center))\b/i;

/** Reads it. */
export function shapeInWords(
  title: string,
  lines: readonly string[],
  steps: readonly string[],
  method: Method | null,
): ShapeInWords {
  const sentences = [...lines, ...sentencesOf(steps)];
  const all = [title, ...sentences].join('\n');
  const first = skinIn(sentences);
  const found = formIn(title, steps, method, first);
  // A flat round is rolled out again once it is filled: the last size is what it has then.
  const skin = found.form === 'flat-round' ? (lastRolled(steps) ?? first) : first;
  const rolled = sentencesOf(steps)
    .filter((one) => /\broll|\bthin\b|\bthick/i.test(one))
    .join(' ');
  const portion =
    /(\d{1,3})\s*g\s+(?:of filling\s+)?(?:in|into|on|onto|per|for)\s+(?:each|every|a|the)\b/i.exec(all) ??
    /\b(?:fill|put|wrappers?|each)\b[^.\n]{0,40}?\b(?:with|of)?\s*(?:about|around)?\s*(\d{1,3})\s*g\b(?!\s*(?:a piece|each|piece|of dough))/i.exec(
      sentencesOf(steps)
        .filter((s) => !/\bdough\b/i.test(s))
        .join('\n'),
    );
  const edge = EDGES.find(([pattern]) => pattern.test(steps.join(' ')))?.[1] ?? null;
  return {
    form: found.form,
    skin,
    thicknessMm: thicknessIn(rolled),
    portionG: portion ? Number(portion[1]) : null,
    edge: edge !== null && FORMS[found.form].edges.includes(edge) ? edge : null,
    vent: FORMS[found.form].canHaveMouth && sentencesOf(steps).some((one) => MOUTH.test(one)) ? 'mouth' : null,
    words: found.words,
  };
}

/** How thin it is rolled, mm: `3 mm thin`, `1/8 inch`. */
function thicknessIn(rolled: string): number | null {
  const inches = /\b(\d)\/(\d{1,2})[\s-]*(?:inch|in\b|")/i.exec(rolled);
  if (inches) return Math.round((10 * INCH * Number(inches[1])) / Number(inches[2])) / 10;
  const found =
    /(\d+(?:[.,]\d+)?)\s*mm(?=\s*(?:thin|thick|,|\.|$|and|\s))(?!\s*(?:squares?|rounds?|dice|cubes?))/i.exec(rolled);
  return found ? Number(found[1].replace(',', '.')) : null;
}

function formIn(
  title: string,
  steps: readonly string[],
  method: Method | null,
  skin: SkinInWords | null,
): { form: FormId; words: string } {
  const texts = [...sentencesOf(steps), title];
  const named = FORM_WORDS.flatMap(([pattern, form]) => {
    const words = texts.find((text) => pattern.test(text));
    return words === undefined ? [] : [{ form, words, inSteps: words !== title }];
  });
  const first = named[0] ?? {
    form: method === 'boil' || method === 'steam' || method === 'sear' ? 'half-moon' : 'pocket',
    words: '',
  };
  const { form, words } = first as { form: FormId; words: string };
  // A pan that is named beats all; a wrapper decides between the rest.
  if (form === 'pan-pie') return { form, words };
  // A whole round becomes a triangle by three corners; half of one is folded to a cone.
  if (form === 'triangle' && skin?.shape === 'round' && !texts.some((text) => /\bcones?\b|\bsamosas?\b/i.test(text)))
    return { form: 'three-corners', words };
  if (skin?.shape === 'square' && form === 'half-moon') return { form: 'triangle', words };
  if (form === 'half-moon' && skin?.shape === 'round' && (skin.diameterMm ?? 0) >= A_HAND_MM)
    return { form: 'pocket', words };
  if (form === 'pocket' && method === 'fry') return { form: 'half-moon', words };
  if (form === 'double-round' && method === 'griddle') return { form: 'flat-round', words };
  if (form === 'flat-round' && method !== 'griddle') return { form: 'purse', words };
  return { form, words };
}

function lastRolled(steps: readonly string[]): SkinInWords | null {
  const all = [...steps.join(' ').matchAll(new RegExp(`\\bto\\s+(?:an?\\s+|about\\s+)?${LENGTH}(?!\\s*thick)`, 'gi'))];
  const last = all.at(-1);
  return last ? { shape: 'round', diameterMm: mm(last[1], last[2]) } : null;
}

/** What is at hand to cut with, mm across. House estimates. */
const CUTTERS: readonly [RegExp, number][] = [
  [/\b(?:cut|stamp)\w* (?:\w+ ){0,4}?(?:with|using|round) an? (?:\w+ )?(?:glass|tumbler|mug|cup)\b/i, 75],
  [/\b(?:cut|stamp)\w* (?:\w+ ){0,4}?(?:with|using|round) an? (?:saucer|bowl)\b/i, 140],
  [/\b(?:cut|stamp)\w* (?:\w+ ){0,4}?(?:with|using|round) an? (?:side |tea |small )?plate\b/i, 180],
];

/** A narrower strip is a vegetable's, mm. */
const NARROWEST_MM = 40;

/** The skin, by the first sentence that measures one. */
function skinIn(sentences: readonly string[]): SkinInWords | null {
  const tin = find(
    sentences,
    new RegExp(`(\\d+(?:[.,]\\d+)?)\\s*x\\s*(\\d+(?:[.,]\\d+)?)\\s*(cm|mm|inch(?:es)?|in\\b)`, 'i'),
    /\b(?:tin|tray|dish|pan)\b/i,
  );
  if (tin) return { shape: 'pan', lengthMm: mm(tin[1], tin[3]), widthMm: mm(tin[2], tin[3]) };
  const pan = find(
    sentences,
    new RegExp(
      `${LENGTH}\\s*(?:round\\s+|deep\\s+|loose[- ]bottomed\\s+)?(?:pie\\s+|cake\\s+|springform\\s+|tart\\s+|flan\\s+)?(?:dish|tins?|pan|plate)\\b`,
      'i',
    ),
  );
  if (pan) return { shape: 'pan', diameterMm: mm(pan[1], pan[2]) };
  const strip = find(
    sentences,
    new RegExp(
      `\\bstrips?\\b[^.]{0,24}?${LENGTH}(?:\\s*(?:wide|across))?(?:\\s*(?:x|by|and)\\s*${LENGTH}\\s*long)?|${LENGTH}(?:[- ]wide)?\\s*strips?\\b`,
      'i',
    ),
  );
  if (strip) {
    const widthMm = mm(strip[1] ?? strip[5], strip[2] ?? strip[6]);
    if (widthMm >= NARROWEST_MM)
      return { shape: 'strip', widthMm, ...(strip[3] ? { lengthMm: mm(strip[3], strip[4]) } : {}) };
  }
  const square = find(
    sentences,
    new RegExp(`${LENGTH}\\s*squares?\\b|\\bsquares?\\b[^.]{0,30}?${LENGTH}|\\(${LENGTH}\\s*square\\)`, 'i'),
  );
  if (square) {
    const [number, unit] = [square[1] ?? square[3] ?? square[5], square[2] ?? square[4] ?? square[6]];
    return { shape: 'square', sideMm: mm(number, unit) };
  }
  const round = find(
    sentences,
    new RegExp(
      `${LENGTH}\\s*${ROUND_WORD}\\b|\\b${ROUND_WORD}\\b[^.]{0,24}?${LENGTH}|\\b(?:rounds?|circles?|discs?) of\\s+${LENGTH}|\\b(?:roll|flatten|press)\\w*\\b[^.]{0,40}?(?:\\bto\\s+(?:an?\\s+)?|,\\s*)${LENGTH}(?!\\s*thick)`,
      'i',
    ),
    undefined,
    /\bstrips?\b/i,
  );
  if (round) {
    const groups = [1, 3, 5, 7].map((i) => [round[i], round[i + 1]] as const).find(([number]) => number !== undefined);
    const across = groups ? mm(groups[0], groups[1]) : null;
    if (across !== null && across >= 40) return { shape: 'round', diameterMm: across };
  }
  const cutter = sentences.flatMap((sentence) => CUTTERS.filter(([pattern]) => pattern.test(sentence)))[0];
  return cutter ? { shape: 'round', diameterMm: cutter[1] } : null;
}

function find(sentences: readonly string[], pattern: RegExp, also?: RegExp, not?: RegExp): RegExpExecArray | null {
  for (const sentence of sentences) {
    const found = pattern.exec(sentence);
    if (found && (also === undefined || also.test(sentence)) && !(not?.test(sentence) ?? false)) return found;
  }
  return null;
}
