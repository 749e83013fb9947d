/** What a line is called: the larder's name, or, where the larder has none, the words that its id was made of. */
import { type Line } from './schema';

export const lineName = ({ ingredientId }: Pick<Line, 'ingredientId'>, name: string | undefined): string =>
  name ?? ingredientId.replace(/-/g, ' ');
