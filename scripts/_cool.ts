import { coolingCurve } from '../src/core/cooling/curve';
import { panArea, depthOn } from '../src/core/cooling/vessels';
import { normalise } from '../src/core/food/composition';
const composition = normalise({ water: 0.72, protein: 0.12, fat: 0.08, carbohydrate: 0.06, fibre: 0.01, ash: 0.012 });
for (const massG of [300, 600, 1000, 1300, 1600, 2500, 5000]) {
  const depthMm = depthOn(massG, 1.04, panArea(massG));
  for (const isRound of [false, true]) {
    const c = coolingCurve(
      {
        massG,
        composition,
        startC: 90,
        depthMm,
        base: 'board',
        place: 'counter',
        covered: false,
        stirred: false,
        isRound,
        legs: [],
      },
      22,
    );
    console.log(
      massG,
      depthMm.toFixed(1),
      isRound,
      [60, 35, 30, 25, 22].map((t) => `${t}: ${c.minutesTo(t)?.toFixed(0)}`).join('  '),
      'evap',
      c.evaporatedAt(c.minutesTo(30) ?? 0).toFixed(0),
      'balance',
      c.energyBalance.toFixed(3),
    );
  }
}
