/** What Kitchen says, read in one go. */
import * as words from '@/screens/kitchen/words';
import { readAll } from './read-all';

readAll(words, {
  alsoDeep: [[60, 'mm']],
  takeAway: [['ginger']],
  heatsSo: [['Pork', '16:40', 'on']],
  resetHeats: [['ginger', 'Pork']],
  hobGives: [[1800]],
  takeToolAway: [['16:40', 'value']],
  toolOf: [['16:40']],
  addTool: [['16:40']],
  nothingErased: [['no room']],
  inIceWater: [
    ['1 December', 'showed', null, true],
    ['1 December', 'showed', '1 °C is taken off.', false],
  ],
  saltInShort: [
    ['Pork', 1.4, 1],
    ['Pork', 1.4, 3],
  ],
  teaspoonWeighs: [[1], [3]],
  roomAndFridge: [
    [25, 'C', 25],
    [25, 'F', 25],
  ],
  beginsAsEstimate: [[3]],
  backToEstimate: [['Pork']],
  estimateAndFrom: [
    ['estimate', '16:40', true],
    ['estimate', '16:40', false],
  ],
  reasonInWords: [['Pockets', '16:40', 'said']],
  unitsInShort: [
    ['C', 'mm', 24],
    ['F', 'in', 12],
  ],
  things: [
    [1, 'vessel'],
    [3, 'vessel'],
  ],
  areaAndDepth: [
    [310, 60, 'mm'],
    [310, 60, 'in'],
  ],
  takeVesselAway: [['tray', 310, 'mm']],
  ofFloor: [[310, 'in']],
  notTriedInIce: [['0 °C']],
  notSaved: [['no room']],
  roomTaken: [['used', 'room']],
  recordsOf: [
    ['16:40', 'size', 1],
    ['16:40', 'size', 3],
  ],
  batchesInFile: [[1], [3]],
  archiveDone: [[1], [3]],
});

it('says one and several, and when the ice water is due again', () => {
  expect(words.batchesInFile(1)).toBe('One batch is in your file, and no longer here.');
  expect(words.recordsOf('Photographs', '1.2 MB', 1)).toBe('Photographs: 1.2 MB, 1 record');
  expect(words.inIceWater('1 June', '1 °C', null, true)).toBe(
    'In ice water on 1 June it showed 1 °C. Nothing is taken off. That was a while ago: try it again.',
  );
});
