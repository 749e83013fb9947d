/** The forms by id. */
import { type Form, type FormId } from './form';
import { halfMoon } from './half-moon';
import { purse } from './purse';

export const FORMS: Record<FormId, Form> = { 'half-moon': halfMoon, purse };
export { FORM_IDS, type Body, type Form, type FormId, type Skin } from './form';
