/**
 * The wall of a pan: heat comes in through it, too. A pan is a short cylinder, and the temperature in one is the product of
 * that in a slab and that in a long cylinder (Newman 1936). The slab is solved step by step; this is the cylinder at its axis.
 */
import { axisLeft, type Term, termsOf } from './cylinder';
import { type Material } from './material';
import { type ParcelState } from './parcel';

interface Wall {
  /** m */
  radius: number;
  material: Material;
  boilingC: number;
  /** What stands round it, step by step. */
  steps: readonly { minutes: number; mediumC: number; h: number; heats: boolean }[];
}

/** Properties of the filling are taken at this, °C: about half-way. */
const AT_C = 50;

/** The states of a slab, its middle as it is in a pan of that radius. What is frozen is left as it is: the series knows no ice. */
export function walled(states: readonly ParcelState[], { radius, material, boilingC, steps }: Wall): ParcelState[] {
  if (states[0].centreC < 0) return [...states];
  const [k, capacity] = [material.k(AT_C), material.slope(AT_C)];
  const termsByH = new Map<number, Term[]>();
  const seriesFor = (h: number): Term[] => {
    const terms = termsByH.get(h) ?? termsOf((h * radius) / k);
    termsByH.set(h, terms);
    return terms;
  };
  let [at, end] = [0, steps[0].minutes * 60];
  return states.map((state) => {
    while (state.seconds > end + 1e-6 && at < steps.length - 1) {
      at += 1;
      end += steps[at].minutes * 60;
    }
    const { mediumC, h, heats } = steps[at];
    if (!heats || state.seconds === 0) return state;
    const left = axisLeft(seriesFor(h), ((k / capacity) * state.seconds) / radius ** 2);
    const warmer = (c: number): number => Math.max(c, Math.min(boilingC, mediumC - (mediumC - c) * left));
    return { ...state, centreC: warmer(state.centreC), coldestC: warmer(state.coldestC) };
  });
}
