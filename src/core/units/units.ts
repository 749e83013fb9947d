/**
 * Units of mass, volume, length and temperature, and the way between them.
 * Mass and length factors are exact by definition (international avoirdupois pound and inch, 1959). Spoons and cup are
 * the metric spoons of 5 and 15 ml and the 240 ml cup of US nutrition labelling (21 CFR 101.9(b)(5)(viii)); the kitchen
 * may say 250 ml.
 */
import { type LineUnit } from '../vocabulary/line-units';

type Dimension = 'mass' | 'volume' | 'length' | 'temperature';

/** Every unit the core knows. */
export const UNITS = ['g', 'kg', 'oz', 'lb', 'ml', 'l', 'tsp', 'tbsp', 'cup', 'mm', 'cm', 'in', 'C', 'F'] as const;
export type Unit = (typeof UNITS)[number];

const TABLE: Record<Unit, { dimension: Dimension; factor: number; label: string; names: string[] }> = {
  g: { dimension: 'mass', factor: 1, label: 'g', names: ['gram', 'gramme', 'gr'] },
  kg: { dimension: 'mass', factor: 1000, label: 'kg', names: ['kilo', 'kilogram', 'kilogramme'] },
  oz: { dimension: 'mass', factor: 28.349523125, label: 'oz', names: ['ounce'] },
  lb: { dimension: 'mass', factor: 453.59237, label: 'lb', names: ['pound'] },
  ml: { dimension: 'volume', factor: 1, label: 'ml', names: ['millilitre', 'milliliter', 'cc'] },
  l: { dimension: 'volume', factor: 1000, label: 'l', names: ['litre', 'liter'] },
  tsp: { dimension: 'volume', factor: 5, label: 'tsp', names: ['teaspoon', 'teaspoonful'] },
  tbsp: { dimension: 'volume', factor: 15, label: 'tbsp', names: ['tablespoon', 'tablespoonful', 'tbs', 'tblsp'] },
  cup: { dimension: 'volume', factor: 240, label: 'cup', names: ['cupful'] },
  mm: { dimension: 'length', factor: 1, label: 'mm', names: ['millimetre', 'millimeter'] },
  cm: { dimension: 'length', factor: 10, label: 'cm', names: ['centimetre', 'centimeter'] },
  in: { dimension: 'length', factor: 25.4, label: 'in', names: ['inch', 'inches', '"', '″'] },
  C: { dimension: 'temperature', factor: 1, label: '°C', names: ['°c', 'celsius', 'centigrade', 'degc'] },
  F: { dimension: 'temperature', factor: 1, label: '°F', names: ['°f', 'fahrenheit', 'degf'] },
};

/** What a unit measures. */
export const dimensionOf = (unit: Unit): Dimension => TABLE[unit].dimension;

/** The unit as it is printed: `°C`, `g`. */
export const unitLabel = (unit: Unit | LineUnit): string => (unit === 'piece' ? 'pieces' : TABLE[unit].label);

/** Reads a unit's symbol or name, singular or plural, any case; `T` and `t` are table- and teaspoon. Null if unknown. */
export function parseUnit(text: string): Unit | null {
  const raw = text.trim().replace(/\.$/, '');
  if (raw === 'T' || raw === 'Tb') return 'tbsp';
  if (raw === 't') return 'tsp';
  const t = raw.toLowerCase();
  const singular = t.length > 2 && t.endsWith('s') ? t.slice(0, -1) : t;
  for (const unit of UNITS) {
    const names = [unit.toLowerCase(), ...TABLE[unit].names];
    if (names.includes(t) || names.includes(singular)) return unit;
  }
  return null;
}

/** A conversion that cannot be made; the message says why in words for the cook. */
export class ConversionError extends Error {
  /** `density`: it is not known what is measured; `dimension`: the two measure different things. */
  constructor(
    readonly code: 'density' | 'dimension',
    message: string,
  ) {
    super(message);
  }
}

interface ConversionContext {
  /** Grams per millilitre of the thing converted, needed between mass and volume. */
  gPerMl?: number;
  /** Millilitres in the kitchen's cup; 240 unless the kitchen says otherwise. */
  cupMl?: number;
}

/**
 * Converts an amount between units of one dimension, and between mass and volume where the density is known.
 * @throws ConversionError when the units do not go together or the density is missing.
 */
export function convert(amount: number, from: Unit, to: Unit, context: ConversionContext = {}): number {
  const a = dimensionOf(from);
  const b = dimensionOf(to);
  if (a === 'temperature' && b === 'temperature') return convertTemperature(amount, from, to);
  const base = amount * factorOf(from, context);
  if (a === b) return base / factorOf(to, context);
  const density = context.gPerMl;
  if ((a === 'mass' && b === 'volume') || (a === 'volume' && b === 'mass')) {
    if (density === undefined || density <= 0) {
      throw new ConversionError('density', `${unitLabel(from)} to ${unitLabel(to)} needs to know what is measured`);
    }
    return (a === 'volume' ? base * density : base / density) / factorOf(to, context);
  }
  throw new ConversionError('dimension', `${unitLabel(from)} measures ${a}, ${unitLabel(to)} measures ${b}`);
}

function factorOf(unit: Unit, context: ConversionContext): number {
  return unit === 'cup' ? (context.cupMl ?? TABLE.cup.factor) : TABLE[unit].factor;
}

function convertTemperature(value: number, from: Unit, to: Unit): number {
  if (from === to) return value;
  return from === 'F' ? ((value - 32) * 5) / 9 : (value * 9) / 5 + 32;
}
