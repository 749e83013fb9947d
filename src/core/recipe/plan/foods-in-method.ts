/** Foods that only the method names, with their amount: "simmer in 600 ml water", "fry in 2 tbsp oil". */
import { ingredientById } from '../../food/catalogue';
import { type OwnIngredient } from '../../food/own-ingredient';
import { parseLine } from '../parse-line';
import { foodsIn } from '../two-foods';

const AMOUNT_AND_FOOD =
  /\b(\d+(?:[.,]\d+)?(?:\s*½)?|½|¼|¾|an?|one|two)\s*(ml|g|tbsp|tablespoons?|tsp|teaspoons?|cups?|l|litres?)\s+(?:of\s+)?((?:hot |cold |boiling |warm |melted |olive |sunflower |vegetable |sesame )?(?:water|oil|butter|stock|broth|milk|wine|cream|flour|cornflour|starch|lard|vinegar))\b/gi;
/** What is said of the parcels or the pan they cook in. */
const OF_THE_PAN =
  /\b(?:cover|lid|steam|parcel|boil (?:them|in)|in plenty|deep|salted water|paste|seal|dough|pastry|crust|wet the|dust|brush|grease|slaked|egg wash)\b/i;
/** Dry things that take their water up as they are cooked: their preparation counts it. */
const SWELLS =
  /\b(?:lentils?|rice|beans?|chickpeas|bulgur|couscous|noodles?|buckwheat|millet|pasta|peas|potatoes|soak)\b/i;

/** Lines for foods that the method alone names. */
export function foodsInMethod(
  sentences: readonly string[],
  lines: readonly string[],
  own: readonly OwnIngredient[],
): string[] {
  const listed = new Set(
    lines.flatMap((line) => foodsIn(line, own)).map((food) => parseLine(food, undefined, own).ingredientId),
  );
  const families = new Set([...listed].map((id) => (id === null ? undefined : ingredientById(id)?.family)));
  return sentences.flatMap((sentence) => {
    if (OF_THE_PAN.test(sentence)) return [];
    return [...sentence.matchAll(AMOUNT_AND_FOOD)].flatMap((found) => {
      const text = found[0].trim();
      const { ingredientId, grams } = parseLine(text, undefined, own);
      if (ingredientId === null || grams === null || listed.has(ingredientId)) return [];
      const family = ingredientById(ingredientId)?.family;
      if (family === 'fat' && families.has('fat')) return [];
      if (ingredientId === 'water' && SWELLS.test(sentence)) return [];
      listed.add(ingredientId);
      return [text];
    });
  });
}
