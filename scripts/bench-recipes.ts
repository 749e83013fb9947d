/** The known recipes as a list: how each was read. */
import { KNOWN_RECIPES } from '../test/known-recipes/known-recipes';
import { readRecipe } from '../test/known-recipes/judged';

let asked = 0;
let wrong = 0;
for (const recipe of KNOWN_RECIPES) {
  const read = readRecipe(recipe, process.argv.includes('--heat'));
  asked += read.asked;
  wrong += read.wrong.length;
  const others = read.otherFoods.length > 0 ? `; beside: ${read.otherFoods.join(', ')}` : '';
  const open = read.questions.length > 0 ? `; open: ${read.questions.join(' | ')}` : '';
  console.log(
    `${read.wrong.length === 0 && others === '' ? 'right   ' : 'DIFFERS '} ${recipe.name}${read.wrong.map((words) => `\n           ${words}`).join('')}${others}${open}`,
  );
}
console.log(`${asked - wrong} of ${asked} fields of ${KNOWN_RECIPES.length} recipes are right`);
