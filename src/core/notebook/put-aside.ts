/** Learned figures that an earlier version had taken and this one cannot: in words, for the kitchen to say once. */
import { type Kitchen } from '../stored/kitchen-schema';
import { METHODS } from '../vocabulary/methods';
import { isIdOf } from '../vocabulary/records';
import { formatNumber } from '../units/amount';

const WHAT: Readonly<Record<Kitchen['putAside'][number]['what'], string>> = {
  'wet-edge': 'Most loose liquid',
  'dry-edge': 'Least loose liquid',
};
const KINDS: Readonly<Record<string, string>> = {
  raw: 'with raw meat or fish in it',
  cooked: 'with a cooked or meatless filling',
  sweet: 'with a sweet filling',
};

/** `Least loose liquid, a boiled parcel with raw meat or fish in it: 4.6 g per 100 g, from 3 batches` */
export const putAsideWords = ({ putAside }: Pick<Kitchen, 'putAside'>): string[] =>
  putAside.map(({ what, of, value, batches }) => {
    const [method, dough, kind] = of.split(' ');
    const tolerance: Readonly<Record<string, { parcel: string }>> = isIdOf(METHODS, method)
      ? METHODS[method].tolerance
      : {};
    const about = tolerance[dough] && KINDS[kind] ? `${tolerance[dough].parcel} ${KINDS[kind]}` : of;
    return `${WHAT[what]}, ${about}: ${formatNumber(value, 1)} g per 100 g, from ${batches} batch${batches === 1 ? '' : 'es'}`;
  });
