/** What a temperature curve is drawn from. */
export interface CurvePoint {
  [key: string]: number | null;
  minute: number;
  main: number;
  second: number;
}

export interface CurveProps {
  points: CurvePoint[];
  labels: { main: string; second: string };
  /** A sentence for those who cannot see it. */
  label: string;
  width: number;
  height: number;
  /** The temperature aimed at: a band from it to the edge of the drawing. */
  target: { c: number; side: 'below' | 'above'; text: string };
  /** A limit is broken by what is warmer than `aboveC` after it. */
  marks: { minute: number; text: string; kind: 'limit' | 'plan' | 'step' | 'crust'; aboveC?: number }[];
  /** Measured points. */
  dots?: { minute: number; c: number }[];
  /** Between these two at each minute of `points`: a band round the main curve, °C; with its words. */
  band?: { samples: readonly { minute: number; lowC: number; highC: number }[]; label: string };
  /** Other curves, thinly; the touched one comes forward. */
  thin?: { id: string; samples: readonly { minute: number; c: number }[] }[];
  touched?: string | null;
  yMax: number;
  yMin: number;
  formatC: (c: number) => string;
  /** Where a clock runs: when the curve begins, ms; its scale then is the time of the day. */
  startMs?: number | null;
  formatTime?: (minute: number) => string;
}
