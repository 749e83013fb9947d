/** The colours, by what they are for. Every text pair is at least 4.5 : 1, every mark 3 : 1 (WCAG 2.2 AA). */

export interface Palette {
  /** The flour-white ground, and the paper of a field on it. */
  ground: string;
  paper: string;
  /** Aubergine ink, its softer shade for second words, and thin rules. */
  ink: string;
  soft: string;
  rule: string;
  faint: string;
  /** Beetroot: the one strong colour. */
  beet: string;
  onBeet: string;
  /** Helpers. */
  leek: string;
  turmeric: string;
  steam: string;
  /** Fills of the drawing and the water line. */
  dough: string;
  filling: string;
  held: string;
  away: string;
  goodBand: string;
  fixBand: string;
}

export const LIGHT: Palette = {
  ground: '#fbf7ef',
  paper: '#fffdf8',
  ink: '#2a1a2e',
  soft: '#655567',
  rule: '#d8cdb9',
  faint: '#eee5d4',
  beet: '#8c1c4b',
  onBeet: '#fffdf8',
  leek: '#456a2b',
  turmeric: '#8f5a05',
  steam: '#2a6685',
  dough: '#f4e7cf',
  filling: '#e4c5ac',
  held: '#c1d7df',
  away: '#dcd3c2',
  goodBand: '#e2ecd5',
  fixBand: '#f3dde3',
};

export const DARK: Palette = {
  ground: '#1d141f',
  paper: '#281c2b',
  ink: '#f6eee0',
  soft: '#bfb0bd',
  rule: '#4b3c4d',
  faint: '#332636',
  beet: '#ea8db0',
  onBeet: '#1d141f',
  leek: '#a5cb83',
  turmeric: '#e6b04f',
  steam: '#8ac3df',
  dough: '#4a3c35',
  filling: '#7d5a49',
  held: '#39566a',
  away: '#4a4048',
  goodBand: '#2b3a22',
  fixBand: '#4a2233',
};
