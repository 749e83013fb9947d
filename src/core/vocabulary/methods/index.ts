/** The methods of cooking, by id. */
import { idsOf, recordsOf } from '../records';
import { bake } from './bake';
import { boil } from './boil';
import { fry } from './fry';
import { griddle } from './griddle';
import { type MethodRecord } from './method';
import { sear } from './sear';
import { steam } from './steam';

export const METHODS = recordsOf<MethodRecord>()({ steam, boil, bake, fry, griddle, sear });
export type Method = keyof typeof METHODS;
export const METHOD_IDS = idsOf(METHODS);
