/** Units a filling's line may be written in. */
export const LINE_UNITS = ['g', 'kg', 'oz', 'lb', 'ml', 'l', 'tsp', 'tbsp', 'cup', 'piece'] as const;
export type LineUnit = (typeof LINE_UNITS)[number];

/** Whether a line may be written in a unit. */
export const isLineUnit = (unit: string | null): unit is LineUnit => LINE_UNITS.some((id) => id === unit);
