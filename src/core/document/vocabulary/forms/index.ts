/** The forms of parcel, by id. */
import { idsOf, recordsOf } from '../records';
import { type Form } from './form';
import { halfMoon } from './half-moon';
import { panPie } from './pan-pie';
import { pocket } from './pocket';
import { purse } from './purse';

export const FORMS = recordsOf<Form>()({ 'half-moon': halfMoon, purse, pocket, 'pan-pie': panPie });
export type FormId = keyof typeof FORMS;
export const FORM_IDS = idsOf(FORMS);

export { type Body, type Skin } from './body';
export { type Form } from './form';
