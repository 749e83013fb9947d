/** What an ingredient of a formula is called; its id where the larder does not have it. */
import { ingredientById } from '@/core/food/catalogue';

export const ingredientName = (id: string): string => ingredientById(id)?.name ?? id;
