/** One round skin gathered and pleated shut over the top. */
import { type Form } from './form';

/** How many layers the pleats lay over each other on average. House estimate. */
const PLEAT_OVERLAP = 1.3;

export const purse: Form = {
  id: 'purse',
  label: 'purse',
  sizeWord: 'skin',
  law: 'Gathered round, the skin inside the rim covers a ball of radius a / (2√p), with pleats p = 1.3 layers deep on average.',
  maxMl: ({ diameterMm, rimMm }) => {
    const a = diameterMm / 2 - rimMm;
    const r = Math.max(0, a) / (2 * Math.sqrt(PLEAT_OVERLAP));
    return ((4 / 3) * Math.PI * r ** 3) / 1000;
  },
  comfortable: [0.7, 0.95],
  tight: 1,
  skinArea: ({ diameterMm }) => (Math.PI * diameterMm ** 2) / 4,
  body: (_skin, fillMl, wrapperMl) => {
    const inner = ballRadius(fillMl);
    return { dimension: 3, fillingMm: inner, wrapperMm: ballRadius(fillMl + wrapperMl) - inner };
  },
  usualRatio: [0.6, 1.3],
};

const ballRadius = (ml: number): number => Math.cbrt((ml * 1000 * 3) / (4 * Math.PI));
