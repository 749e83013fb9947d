/** One round skin folded over, its edge sealed. */
import { foldedSection } from './folded';
import { type Form } from './form';
import { type Filled } from './section';

export const halfMoon: Form = {
  label: 'half-moon',
  sizeWord: 'skin',
  law: 'Cut across, the skin is two strips of length ℓ = √(R² − x²) − rim; bulged round they enclose ℓ²/π. Summed along the fold.',
  maxMl: ({ diameterMm, rimMm: s }) => {
    // ∫ (√(R²−x²) − s)² / π dx over |x| < √(R²−s²), in closed form.
    const R = diameterMm / 2;
    if (R <= s) return 0;
    const x0 = Math.sqrt(R * R - s * s);
    const circle = (x0 * s + R * R * Math.asin(x0 / R)) / 2;
    const half = R * R * x0 - x0 ** 3 / 3 - 2 * s * circle + s * s * x0;
    return (2 * half) / Math.PI / 1000;
  },
  comfortable: [0.5, 0.7],
  tight: 0.85,
  skinArea: ({ diameterMm }) => (Math.PI * diameterMm ** 2) / 4,
  body: (skin, fillMl, wrapperMl) => {
    // The thickest section, at the middle of the fold, as a round bar of the same area.
    const across = skin.diameterMm / 2 - skin.rimMm;
    const fill = Math.min(1, fillMl / halfMoon.maxMl(skin));
    const area = (fill * across ** 2) / Math.PI;
    const compact = halfMoon.skinArea(skin) * skin.thicknessMm;
    return {
      dimension: 2,
      fillingMm: Math.sqrt(area / Math.PI),
      wrapperMm: (skin.thicknessMm * wrapperMl * 1000) / compact,
    };
  },
  usualRatio: [0.9, 2.2],
  bakesOffPer100: 1.5,
  brothy: null,
  usual: {
    skin: { diameterMm: 90, rimMm: 8, thicknessMm: 1.5 },
    dough: 'noodle',
    method: 'boil',
    mediumC: 100,
    minutes: 6,
  },
  sizes: 'small',
  section: (filled, skin) => foldedSection(filled, skin, roundBar(filled)),
};

/** The round bar of the heat model, lying flatter the less it is filled; its area is kept. */
function roundBar({ body, fillMl, maxMl }: Filled): { rx: number; ry: number } {
  const flat = 0.62 + 0.3 * Math.min(1.1, fillMl / Math.max(1, maxMl));
  const ry = body.fillingMm * flat;
  return { rx: body.fillingMm ** 2 / ry, ry };
}
