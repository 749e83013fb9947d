/** The forms by id. */
import { type Form, type FormId } from './form';
import { halfMoon } from './half-moon';
import { panPie } from './pan-pie';
import { pocket } from './pocket';
import { purse } from './purse';

export const FORMS: Record<FormId, Form> = { 'half-moon': halfMoon, purse, pocket, 'pan-pie': panPie };
export { FORM_IDS, type Body, type Form, type FormId, type Skin } from './form';
