/** Ingredients of one's own of which nobody has said what they are raw: until then the strictest rule holds. */
import { type Batch } from '../stored/schema';
import { HAZARDS } from '../vocabulary/foods';
import { hazardLike } from '../food/like';
import { type Finding } from './finding';
import { type ResolvedLine } from './lines';

/** Said beside each line; one tap answers what it is most likely to be. */
export const unsaidFindings = (
  lines: readonly ResolvedLine[],
  { ingredients }: Pick<Batch, 'ingredients'>,
): Finding[] =>
  lines
    .filter(({ ingredient }) => ingredient.hazard === 'unknown')
    .map(({ line, ingredient: { id, name } }) => {
      const own = ingredients.find((i) => i.id === id);
      const like = own === undefined ? 'unknown' : hazardLike(own.release);
      const hazard = like === 'unknown' ? 'none' : like;
      return {
        lineId: line.id,
        text: `You haven’t said whether “${name}” is meat, fish or egg: until then the strictest rule holds. The Larder asks, too.`,
        fix:
          own === undefined
            ? null
            : {
                label: hazard === 'none' ? 'Nothing in it that must be cooked' : `It is ${HAZARDS[hazard].label}`,
                change: [{ do: 'keepIngredient', ingredient: { ...own, hazard } }],
              },
      };
    });
