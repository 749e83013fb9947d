/** `safe`: evidence, exposure and rules alone, without a batch. */
import { safe, safeInput } from '@/core/safety/safe';
import { command } from '../command';

export const safeCommand = command(safeInput, safe);
