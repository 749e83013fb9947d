/** Zod, told before the first schema is made not to probe for `new Function`, which a strict content policy forbids. */
import { z } from 'zod';

z.config({ jitless: true });

export { z };
