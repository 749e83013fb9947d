/** What the panels of the dough are given. */
import { type WrapperMaking } from '@/core/wrapper/making';
import { type StationProps } from '../station-props';

export type DoughProps = StationProps & { plan: WrapperMaking };
