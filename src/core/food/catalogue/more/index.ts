/**
 * The larder's less usual rows, put beside the usual ones. A first picture does without them: they come with the search, with the
 * workers, and with a stored batch that uses one (`data/larder-rows`).
 */
import { addTables } from '..';
import { MORE_ALLIUMS } from './alliums';
import { MORE_DAIRY } from './dairy';
import { MORE_EGGS } from './eggs';
import { MORE_FATS } from './fats';
import { MORE_FISH } from './fish';
import { MORE_FRUIT } from './fruit';
import { MORE_LEAVES } from './leaves';
import { MORE_LIQUIDS } from './liquids';
import { MORE_MEAT } from './meat';
import { MORE_MUSHROOMS } from './mushrooms';
import { MORE_NUTS } from './nuts';
import { MORE_PULSES } from './pulses';
import { MORE_ROOTS } from './roots';
import { MORE_SAUCES } from './sauces';
import { MORE_SEASONINGS } from './seasonings';
import { MORE_STARCHES } from './starches';
import { MORE_VEGETABLES } from './vegetables';

addTables([
  MORE_ALLIUMS,
  MORE_DAIRY,
  MORE_EGGS,
  MORE_FATS,
  MORE_FISH,
  MORE_FRUIT,
  MORE_LEAVES,
  MORE_LIQUIDS,
  MORE_MEAT,
  MORE_MUSHROOMS,
  MORE_NUTS,
  MORE_PULSES,
  MORE_ROOTS,
  MORE_SAUCES,
  MORE_SEASONINGS,
  MORE_STARCHES,
  MORE_VEGETABLES,
]);
