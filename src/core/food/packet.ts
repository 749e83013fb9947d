/** Ingredients of the cook's own, made from the figures on a packet and checked for sense. */
import { type Allergen, type Family, type Hazard } from '../vocabulary/foods';
import { LIMITS } from '../vocabulary/limits';
import type { OwnIngredient } from '../stored/own-ingredient-schema';
import { type Release } from '../vocabulary/releases';

/** What a packet says, per 100 g. Salt, or sodium where the packet gives that. */
export interface Packet {
  name: string;
  fat: number;
  carbohydrate: number;
  /** 0 where the packet does not say. */
  fibre: number;
  protein: number;
  salt: number;
  /** Energy, kJ, where the packet says it: the figures are then checked against it. */
  energyKj: number | null;
  gPerMl: number;
  pieceG: number | null;
  hazard: Hazard;
  allergens: readonly Allergen[];
  release: Release;
  liquid: boolean;
  family: Family;
  isTender: boolean;
  isStrong: boolean;
  isLeavener: boolean;
  /** Usual amount, g in a kg of filling. */
  dose: readonly [low: number, high: number] | null;
}

/** Salt in 100 g from sodium in mg (EU 1169/2011, Annex I: salt = sodium × 2.5; food tables use 2.54). */
export const saltFromSodium = (sodiumMg: number): number => (sodiumMg / 1000) * 2.54;

/** kJ in a gram: conversion factors of EU 1169/2011, Annex XIV. */
const KJ = { fat: 37, carbohydrate: 17, protein: 17, fibre: 8 };
/** Packets round, and count alcohol, polyols and acids that are not asked for here: so far off is a slip of the pen. House estimate. */
const ENERGY_TOLERANCE = 0.2;
const ENERGY_SLACK_KJ = 60;
/** Minerals besides salt, g in 100 g of an ordinary food. House estimate. */
const OTHER_ASH = 0.8;

/** What does not make sense in a packet's figures, each beside its field. */
type PacketProblems = Partial<Record<keyof Packet, string>>;

/** Checks figures for sense: no part below 0 or above 100, together at most 100, energy in keeping. */
export function checkPacket(packet: Packet): PacketProblems {
  const unsaid: PacketProblems =
    packet.hazard === 'unknown' ? { hazard: 'Choose one: it decides how hot it must get.' } : {};
  return { ...figuresOf(packet), ...unsaid };
}

function figuresOf(packet: Packet): PacketProblems {
  const problems: PacketProblems = {};
  const parts = ['fat', 'carbohydrate', 'fibre', 'protein', 'salt'] as const;
  if (packet.name.trim() === '') problems.name = 'Needs a name.';
  for (const part of parts) {
    const value = packet[part];
    if (!(value >= 0 && value <= 100)) problems[part] = 'Type 0 to 100 g, for 100 g of it.';
  }
  const { least, most } = LIMITS.gPerMl;
  if (!(packet.gPerMl >= least && packet.gPerMl <= most))
    problems.gPerMl = `Between ${least} and ${most} grams in a millilitre.`;
  if (packet.dose !== null && !(packet.dose[0] > 0 && packet.dose[0] < packet.dose[1]))
    problems.dose = 'Put the smaller first, both above 0, or leave both empty.';
  if (packet.pieceG !== null && !(packet.pieceG > 0)) problems.pieceG = 'Type more than 0 g, or leave it empty.';
  if (Object.keys(problems).length > 0) return problems;
  const sum = parts.reduce((total, part) => total + packet[part], 0);
  if (sum > 101) return { carbohydrate: `Together ${Math.round(sum)} g in 100 g: one of them is too high.` };
  const energy = energyOf(packet);
  const off = packet.energyKj === null ? 0 : Math.abs(packet.energyKj - energy);
  if (packet.energyKj !== null && off > ENERGY_SLACK_KJ && off > ENERGY_TOLERANCE * energy) {
    return { energyKj: `These figures make about ${Math.round(energy)} kJ: check them.` };
  }
  return {};
}

/** Energy that the figures make, kJ in 100 g. */
export const energyOf = (packet: Pick<Packet, 'fat' | 'carbohydrate' | 'fibre' | 'protein'>): number =>
  KJ.fat * packet.fat + KJ.carbohydrate * packet.carbohydrate + KJ.fibre * packet.fibre + KJ.protein * packet.protein;

/**
 * The ingredient a packet describes: what its figures leave of 100 g is water, and a little ash.
 * @param id begins with `own-`
 * @throws RangeError where the figures do not make sense
 */
export function fromPacket(packet: Packet, id: string): OwnIngredient {
  const [problem] = Object.values(checkPacket(packet));
  if (problem !== undefined) throw new RangeError(problem);
  const { fat, carbohydrate, fibre, protein, salt } = packet;
  const rest = Math.max(0, 100 - fat - carbohydrate - fibre - protein - salt);
  const otherAsh = Math.min(OTHER_ASH, 0.05 * rest);
  return {
    id,
    name: packet.name.trim(),
    family: packet.family,
    per100g: { water: rest - otherAsh, protein, fat, carbohydrate, fibre, ash: salt + otherAsh },
    salt,
    gPerMl: packet.gPerMl,
    pieceG: packet.pieceG,
    hazard: packet.hazard,
    allergens: [...packet.allergens],
    release: packet.release,
    liquid: packet.liquid,
    isTender: packet.isTender,
    isStrong: packet.isStrong,
    isLeavener: packet.isLeavener,
    dose: packet.dose === null ? null : [...packet.dose],
  };
}

/** The packet's figures of an ingredient of one's own, to be changed. */
export const toPacket = (own: OwnIngredient): Packet => ({
  name: own.name,
  fat: own.per100g.fat,
  carbohydrate: own.per100g.carbohydrate,
  fibre: own.per100g.fibre,
  protein: own.per100g.protein,
  salt: own.salt,
  energyKj: null,
  gPerMl: own.gPerMl,
  pieceG: own.pieceG,
  hazard: own.hazard,
  allergens: own.allergens,
  release: own.release,
  liquid: own.liquid,
  family: own.family,
  isTender: own.isTender,
  isStrong: own.isStrong,
  isLeavener: own.isLeavener,
  dose: own.dose,
});
