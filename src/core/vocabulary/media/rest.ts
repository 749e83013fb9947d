/** Off the heat, in the room: what is hot outside still goes in. */
import { type MediumRecord } from './medium';

export const rest: MediumRecord = {
  label: 'rest in the room',
  appliance: null,
  isSet: false,
  placesK: 0,
  usualC: 20,
  heats: false,
  browns: false,
  faces: ({ roomC }) => ({ above: { mediumC: roomC, h: 9 }, below: { mediumC: roomC, h: 7 } }),
};
