import { KNOWN_FILLINGS } from '../test/known-fillings';
import { spoiltLines, type KnownFilling, type Spoilt } from '../test/known-fillings/known';
import { batchInWords } from '../src/core/recipe/to-batch';
import { forecastHeat } from '../src/core/checks/heat';
import { assess } from '../src/core/checks/assess';
import { DEFAULT_KITCHEN } from '../src/core/document/kitchen';
export function judgeIt(k: KnownFilling, lines: readonly string[], depthMm?: number) {
  const { batch, questions, notes } = batchInWords(
    {
      title: k.name,
      form: k.form,
      school: k.school,
      count: 24,
      lines,
      dough: k.dough,
      cook: { method: k.method },
      ...(depthMm ? { cool: { depthMm } } : {}),
    },
    { id: 'k', at: '2026-11-26T00:00:00Z' },
  );
  const a = assess(batch, DEFAULT_KITCHEN, forecastHeat(batch, DEFAULT_KITCHEN));
  return { a, batch, questions, notes };
}
const only = process.argv[2];
let ok = 0,
  n = 0,
  sp = 0,
  spc = 0,
  spf = 0,
  q = 0;
for (const k of KNOWN_FILLINGS) {
  if (only && !k.name.includes(only)) continue;
  n++;
  const { a, questions, batch } = judgeIt(k, k.lines);
  const f = a.checks.moisture.figures!;
  const got = { board: f.board.state, heat: f.heat.state, salt: a.checks.salt.state, cooling: a.checks.cooling.state };
  const bad = (['board', 'heat', 'salt', 'cooling'] as const).filter((c) => {
    const s = k.says[c];
    return s === 'ok' ? got[c] === 'fix' : got[c] !== s;
  });
  q += questions.length;
  if (bad.length === 0 && questions.length === 0) ok++;
  else
    console.log(
      `✗ ${k.name} (${k.school} ${k.form} ${k.dough} ${k.method}): ` +
        bad
          .map(
            (b) =>
              `${b} ${got[b]} [${b === 'salt' ? a.checks.salt.value?.toFixed(2) : b === 'cooling' ? a.checks.cooling.headline + ' ' + a.checks.cooling.value : (f as any)[b].value.toFixed(1) + ' ' + (f as any)[b].headline + ' ' + f[b as 'board'].band}]`,
          )
          .join('; '),
      questions.map((x) => x.text + ': ' + x.question).join(' | '),
    );
  if (only) {
    console.log(
      batch.lines
        .map((l) => `  ${l.amount} ${l.unit} ${l.ingredientId} ${l.preparation} ${l.weighed} ${l.stage}`)
        .join('\n'),
    );
    console.log(
      a.ledger.lines.map((l) => `${l.name} lets ${l.letsGo.toFixed(0)} holds ${l.canHold.toFixed(0)}`).join('; '),
      a.ledger.finishedG,
      a.ledger.steamedOff,
      a.checks.cooling.sentence,
      a.checks.moisture.sentence,
      a.checks.moisture.fixes.map((x) => x.label + ' ' + x.effect),
    );
  }
  for (const s of k.spoilt) {
    sp++;
    const r = judgeIt(k, spoiltLines(k, s), s.depthMm);
    const fig = r.a.checks.moisture.figures!;
    const [check, caught] =
      s.wrong === 'bland'
        ? (['salt', /bland/.test(r.a.checks.salt.headline)] as const)
        : s.wrong === 'salty'
          ? (['salt', /too salty/.test(r.a.checks.salt.headline)] as const)
          : s.wrong === 'slow to cool'
            ? (['cooling', /too slow/.test(r.a.checks.cooling.headline)] as const)
            : s.wrong === 'wet at the board'
              ? (['moisture', fig.board.state !== 'good'] as const)
              : s.wrong === 'wet'
                ? (['moisture', /too wet/.test(fig.heat.headline)] as const)
                : (['moisture', fig.heat.headline.includes(s.wrong)] as const);
    const fixes = r.a.checks[check].fixes;
    const fok = fixes[0] && s.first.test(fixes[0].label);
    if (caught) spc++;
    if (caught && fok) spf++;
    if (!caught || !fok)
      console.log(
        `   ${caught ? '' : 'NOT CAUGHT '}${fok ? '' : 'FIRST '} ${k.name} / ${s.wrong} want ${s.first}: board ${fig.board.value.toFixed(1)} heat ${fig.heat.value.toFixed(1)} of ${fig.heat.band} ${fig.heat.headline}; salt ${r.a.checks.salt.value?.toFixed(2)}; fixes: ${fixes.map((x) => x.label + ' ' + x.effect).join(' / ')} ${r.questions.map((x) => x.text).join('|')}`,
      );
  }
}
console.log(`${ok}/${n} ordinary; spoilt caught ${spc}/${sp}, first fix ${spf}/${sp}; questions ${q}`);
import { linesInWords } from '../src/core/recipe/to-batch';
void linesInWords;
const cores: Record<string, number> = {};
for (const k of KNOWN_FILLINGS) { const { a } = judgeIt(k, k.lines); const c = a.checks.core; cores[c.headline] = (cores[c.headline] ?? 0) + 1; if (c.state === 'fix') console.log(k.name, k.form, k.dough, k.method, c.sentence); }
console.log(cores);
