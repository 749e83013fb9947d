/** Each thing as it looks on the plate: drawings as data, in a box of 100 × 70, the table at y = 62. Drawing only. */
import { type EverydayId } from '@/core/wrapper/everyday';

interface Plate {
  /** Its outline, filled with dough. */
  outline: string;
  /** Pleats, crimps, slits: ink lines on it. */
  lines: string;
  /** Where filling is seen. */
  filling?: string;
}

/** Short strokes across an arc from one point to another, bulging upwards: a crimped edge. */
function crimps(x0: number, x1: number, y: number, rise: number, many: number): string {
  return Array.from({ length: many }, (_, i) => {
    const t = (i + 1) / (many + 1);
    const x = x0 + (x1 - x0) * t;
    const top = y - rise * Math.sin(Math.PI * t);
    const lean = (t - 0.5) * 7;
    return `M${x.toFixed(1)} ${top.toFixed(1)} l${(-lean).toFixed(1)} 8`;
  }).join(' ');
}

/** Lines that run together at the top of a dome. */
function pleats(cx: number, top: number, foot: number, half: number, many: number): string {
  return Array.from({ length: many }, (_, i) => {
    const t = (i / (many - 1)) * 2 - 1;
    return `M${(cx + t * 3).toFixed(1)} ${top} Q${(cx + t * half * 0.75).toFixed(1)} ${top + 8} ${(cx + t * half).toFixed(1)} ${foot}`;
  }).join(' ');
}

/** Marks round a circle seen a little from above: a crimped rim. */
function rim(cx: number, cy: number, rx: number, ry: number, many: number): string {
  return Array.from({ length: many }, (_, i) => {
    const a = (2 * Math.PI * i) / many;
    const [x, y] = [Math.cos(a), Math.sin(a)];
    return `M${(cx + rx * x).toFixed(1)} ${(cy + ry * y).toFixed(1)} L${(cx + (rx - 6) * x).toFixed(1)} ${(cy + (ry - 4) * y).toFixed(1)}`;
  }).join(' ');
}

const ellipse = (cx: number, cy: number, rx: number, ry: number): string =>
  `M${cx - rx} ${cy} A${rx} ${ry} 0 1 1 ${cx + rx} ${cy} A${rx} ${ry} 0 1 1 ${cx - rx} ${cy} Z`;

const HALF_MOON = 'M8 56 C12 20 34 10 50 10 C66 10 88 20 92 56 C70 63 30 63 8 56 Z';

export const PLATES: Readonly<Record<EverydayId, Plate>> = {
  dumpling: { outline: HALF_MOON, lines: `${crimps(12, 88, 50, 40, 9)} M16 52 C22 30 36 22 50 22 C64 22 78 30 84 52` },
  'pan-fried': {
    outline: HALF_MOON,
    lines: `${crimps(12, 88, 50, 40, 7)} M10 50 C34 57 66 57 90 50 M18 54 l4 5 M28 56 l4 5 M38 57 l4 5 M48 57 l4 5 M58 57 l4 5 M68 56 l4 5 M78 54 l4 5`,
  },
  gathered: {
    outline: 'M22 60 C12 44 24 34 38 26 C42 22 42 14 38 10 Q50 16 62 10 C58 14 58 22 62 26 C76 34 88 44 78 60 Z',
    lines: pleats(50, 18, 40, 26, 7),
  },
  'steamed-bun': {
    outline: 'M12 60 C4 34 26 16 46 14 Q50 8 54 14 C74 16 96 34 88 60 Z',
    lines: pleats(50, 14, 36, 34, 9),
  },
  'folded-bun': {
    outline:
      'M10 58 C8 32 28 20 52 20 C76 20 92 34 90 44 C74 40 40 42 26 58 Z M26 60 C40 46 74 44 91 48 C92 56 84 61 74 61 Z',
    lines: '',
    filling: 'M26 59 C40 43 74 41 90.500 45 L91 49 C74 45 42 46 30 60 Z',
  },
  pasta: {
    outline:
      'M20 14 l6 3 6 -3 6 3 6 -3 6 3 6 -3 6 3 6 -3 6 3 6 -3 -3 6 3 6 -3 6 3 6 -3 6 3 6 -3 6 3 6 -6 -3 -6 3 -6 -3 -6 3 -6 -3 -6 3 -6 -3 -6 3 -6 -3 -6 3 3 -6 -3 -6 3 -6 -3 -6 3 -6 -3 -6 3 -6 Z',
    lines: 'M34 26 Q50 20 66 26 Q72 38 66 50 Q50 56 34 50 Q28 38 34 26 Z',
  },
  'hand-pie': {
    outline: ellipse(50, 38, 42, 25),
    lines: `${rim(50, 38, 42, 25, 26)} M43 34 l4 8 M50 32 l2 9 M57 34 l-2 8`,
  },
  pasty: {
    outline: 'M6 56 C6 28 30 12 50 12 C70 12 94 28 94 56 C66 64 34 64 6 56 Z',
    lines:
      'M8 50 q5 -4 6 -10 q6 -1 8 -9 q7 0 10 -8 q7 2 11 -6 q7 4 14 0 q4 8 11 6 q3 8 10 8 q2 8 8 9 q1 6 6 10 M44 38 l4 8 M52 38 l4 8',
  },
  turnover: {
    outline: 'M8 58 L50 10 L92 58 Z',
    lines:
      'M17 58 L50 21 L83 58 M10 61 L90 61 M14 52 l5 3 M22 43 l5 3 M30 34 l5 3 M38 25 l5 3 M86 52 l-5 3 M78 43 l-5 3 M70 34 l-5 3 M62 25 l-5 3',
  },
  envelope: {
    outline: 'M50 8 L92 36 L50 64 L8 36 Z',
    lines: 'M29 22 L71 50 M71 22 L29 50 M45 33 L50 36 L55 33 M50 36 l0 5',
  },
  roll: {
    outline: 'M14 30 C14 24 20 22 26 22 L86 22 C94 22 96 40 92 50 C90 56 86 58 80 58 L22 58 C12 58 10 42 14 30 Z',
    lines: 'M38 26 l8 8 M54 26 l8 8 M70 26 l8 8 M28 22 C20 30 20 50 26 58',
    filling: 'M17 30 C13 38 14 50 20 53 C25 50 25 32 21 28 Z',
  },
  'baked-bun': {
    outline: 'M18 60 C8 58 10 26 20 20 C34 12 66 12 80 20 C90 26 92 58 82 60 Z',
    lines: 'M24 24 Q40 30 50 34 Q60 30 76 24 M50 34 L34 52 M50 34 L66 52 M46 31 q4 -4 8 0',
  },
  'three-cornered': {
    outline: 'M50 8 C56 20 78 48 94 58 C70 63 30 63 6 58 C22 48 44 20 50 8 Z',
    lines:
      'M50 12 L50 38 M12 57 L50 38 L88 57 M47 20 l6 3 M47 27 l6 3 M24 54 l2 -6 M34 49 l2 -6 M76 54 l-2 -6 M66 49 l-2 -6',
  },
  'flag-triangle': {
    outline: 'M12 60 L12 12 L92 60 Z',
    lines: 'M12 36 L52 60 M12 24 L72 60 M12 60 L36 27',
  },
  samosa: {
    outline: 'M50 6 L94 60 L6 60 Z',
    lines:
      'M50 6 L58 60 M6 60 l6 -4 6 4 6 -4 6 4 6 -4 6 4 6 -4 6 4 6 -4 6 4 6 -4 6 4 6 -4 6 4 6 -4 M30 42 q3 -3 6 0 M68 44 q3 -3 6 0',
  },
  'fried-half-moon': {
    outline: HALF_MOON,
    lines: `${crimps(10, 90, 52, 42, 15)} M30 44 q3 -3 6 0 M46 36 q3 -3 6 0 M62 44 q3 -3 6 0 M44 50 q3 -3 6 0`,
  },
  'spring-roll': {
    outline: 'M8 44 L72 14 C82 10 92 18 92 28 C92 34 88 36 84 38 L24 64 C14 66 6 54 8 44 Z',
    lines: 'M30 34 L40 58 M52 24 L62 48 M40 29 C46 40 52 46 84 38',
  },
  flatbread: {
    outline: ellipse(50, 42, 44, 18),
    lines: `${ellipse(34, 38, 6, 3)} ${ellipse(58, 36, 7, 3)} ${ellipse(48, 50, 6, 3)} ${ellipse(70, 46, 5, 2.5)} M6 44 C8 58 92 58 94 44`,
  },
  'pan-pie': {
    outline: `${ellipse(50, 28, 44, 18)} M6 30 L12 54 C28 66 72 66 88 54 L94 30 C84 50 16 50 6 30 Z`,
    lines: 'M50 28 L30 13 M50 28 L70 13 M50 28 L92 33 M50 28 L8 33 M50 28 L36 45 M50 28 L64 45',
  },
  'lidded-pie': {
    outline: `${ellipse(50, 26, 46, 18)} M6 32 L14 56 C30 65 70 65 86 56 L94 32 C84 50 16 50 6 32 Z`,
    lines: `${rim(50, 26, 46, 18, 30)} M46 22 l4 -6 4 6 M50 16 l0 14`,
  },
};
