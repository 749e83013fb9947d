/** How much hangs on the house's estimates: the sets judged anew with all of a kind taken a fifth less, and a quarter more. */
import { KNOWN_FILLINGS } from '../test/known-fillings';
import { judgeKnown, judgeSpoilt } from '../test/known-fillings/judged';
import { judgeTrial, TRIAL } from '../test/known-fillings/trial';
import { METHODS } from '../src/core/vocabulary/methods';
import { MOIST } from '../src/core/vocabulary/moist';
import { RELEASES } from '../src/core/vocabulary/releases';

/** Something that can be scaled, and set back. */
type Scale = (factor: number) => void;

const scaling = <T extends object>(records: readonly T[], fields: readonly (keyof T)[]): Scale => {
  const before = records.map((record) => ({ ...record }));
  return (factor) => {
    for (const [i, record] of records.entries()) {
      const scaled = fields.flatMap((field) => {
        const value = before[i][field];
        return typeof value === 'number' ? [[field, factor * value]] : [];
      });
      Object.assign(record, Object.fromEntries(scaled));
    }
  };
};

const KINDS: Readonly<Record<string, Scale>> = {
  'all that lets go': scaling(Object.values(RELEASES).flat(), ['release']),
  'all wants': scaling(Object.values(MOIST), ['wants']),
  'all brings': scaling(Object.values(MOIST), ['brings']),
  'all wet edges': scaling(
    Object.values(METHODS).flatMap(({ tolerance }) => [...new Set(Object.values(tolerance))]),
    ['raw', 'cooked', 'fruit'],
  ),
};

function row(what: string): void {
  const plain = TRIAL.filter((known) => judgeTrial(known, known, []).isMoistureRight).length;
  const spoilt = TRIAL.filter((known) => {
    const { isMoistureRight, isSaltRight } = judgeTrial(known, known.spoilt, []);
    return isMoistureRight && isSaltRight;
  }).length;
  const agree = KNOWN_FILLINGS.filter((known) => judgeKnown({ ...known, first: null }).disagrees.length === 0).length;
  const all = KNOWN_FILLINGS.flatMap((known) => known.spoilt.map((how) => judgeSpoilt(known, how)));
  console.log(`| ${what} | ${plain} | ${spoilt} | ${agree} | ${all.filter(({ isCaught }) => isCaught).length} |`);
}

console.log(
  `| | ${TRIAL.length} ordinary: moisture | ${TRIAL.length} spoilt | ${KNOWN_FILLINGS.length} known fillings | their spoilt ones |\n| --- | --- | --- | --- | --- |`,
);
row('as it is');
for (const [what, scale] of Object.entries(KINDS))
  for (const factor of [0.8, 1.25]) {
    scale(factor);
    row(`${what} × ${factor}`);
    scale(1);
  }
