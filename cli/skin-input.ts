/** A skin as commands say it: by its shape and its sizes; and whether a form is made from it. */
import { z } from 'zod';
import { LIMITS } from '@/core/vocabulary/limits';
import { between } from '@/core/stored/span';
import { type FormId, FORMS } from '@/core/forms';
import { InputError } from './command';

const mm = between(LIMITS.skinMm, 'mm');
const sheets = between(LIMITS.sheets, '').int('must be a whole number');

export const skinInput = z.discriminatedUnion(
  'shape',
  [
    z.strictObject({ shape: z.literal('round'), diameterMm: mm }),
    z.strictObject({ shape: z.literal('oval'), lengthMm: mm, widthMm: mm }),
    z.strictObject({ shape: z.literal('square'), sideMm: mm }),
    z.strictObject({ shape: z.literal('strip'), lengthMm: mm, widthMm: mm }),
    z
      .strictObject({
        shape: z.literal('pan'),
        diameterMm: mm.optional(),
        lengthMm: mm.optional(),
        widthMm: mm.optional(),
        depthMm: between(LIMITS.panDepthMm, 'mm').optional(),
        sheetsBelow: sheets.optional(),
        sheetsAbove: sheets.optional(),
      })
      .refine((pan) => (pan.diameterMm === undefined) === (pan.lengthMm !== undefined && pan.widthMm !== undefined), {
        error: 'a pan would have diameterMm, or lengthMm and widthMm',
      }),
  ],
  { error: 'shape would be round, oval, square, strip or pan' },
);

/** @throws InputError where a form is made from another shape: it is never replaced in silence */
export function mustBeMadeFrom(form: FormId, shape: string, field: string): void {
  const { label, shapes } = FORMS[form];
  if ((shapes as readonly string[]).includes(shape)) return;
  const would = shapes.filter((s) => s !== 'tin').join(' or ');
  const article = /^[aeiou]/.test(label) ? 'an' : 'a';
  throw new InputError([`${field}: ${article} ${label} is made from ${would}: { "shape": "${shapes[0]}", … }`]);
}
