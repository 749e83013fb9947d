/** What tastings teach about this cook's own target of salt. Steps and shares are house estimates. */
import { type Batch } from './schema';
import { TASTES } from '../vocabulary/tastes';

type Tasting = Batch['season']['tastings'][number];

/** The salt that would have been right, %, by a tasting. */
export const rightPercent = ({ verdict, saltPercent }: Tasting): number => saltPercent + TASTES[verdict].offPercent;
