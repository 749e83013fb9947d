/** What stands among the ingredients but does not go into the filling: for the dough, the pan, the brush, the table. */

const PURPOSE =
  /\b(?:to|for)\s+(?:the\s+)?(?:glaz\w*|brush\w*|serv\w*|sprinkl\w*|dust\w*|deep[- ]?fry\w*|garnish\w*|roll\w*|decorat\w*|dough|pastry|wrapp\w*|skins?|crust|egg ?wash|greas\w*|drizzl\w*|dip\w*|finish\w*|scatter\w*|top(?:ping)?|seal\w*|the outside|the tin|the tray|the pan|steam\w*|boiling|cooking water|lining)\b/i;
/** "Oil for frying" is the pan's; "2 tbsp oil for frying the onions" goes in with them. */
const FRYING = /\b(?:to|for)\s+(?:shallow[- ]?)?fry(?:ing)?\b/i;
const SMALL_AMOUNT = /^\s*(?:[\d½¼¾⅓⅔./ -]+|an?|one|two)\s*(?:tbsp|tablespoons?|tsp|teaspoons?|knob|g|grams?)\b/i;
const WRAPPER =
  /\b(?:(?:puff|short[- ]?(?:crust)?|filo|phyllo|fillo|flaky|rough[- ]puff)\s+(?:pastry|dough|sheets?)|pastry\s+(?:sheets?|case|cases|dough)|sheets?\s+(?:of\s+)?(?:puff|filo|phyllo|pastry)|(?:dumpling|wonton|gyoza|spring[- ]roll|egg[- ]roll|rice[- ]paper|pierogi|empanada)\s+(?:wrappers?|skins?|sheets?|discs?|rounds?|dough)|(?:round|square)?\s*(?:dumpling\s+)?wrappers?|(?:bread|pizza|pie|bun|pasta|noodle|hot-water|yeast|steamed[- ]bun)\s+dough|(?:dough|pastry|wonton\S*|dumpling|samosa)\s+(?:rounds?|discs?|circles?|squares?|skins?)|(?:rounds?|discs?|circles?|squares?|sheets?)\s+of\s+[a-z -]*?(?:dough|pastry)|\S+-type\s+skins?|(?:packet|pack|box|roll)s?\s+(?:of\s+)?(?:filo|phyllo|puff|shortcrust)\b|^\s*(?:\d+\s*)?g?\s*(?:filo|phyllo)\b|(?:pastry|dough)\b[^,]*,?\s*(?:bought|ready[- ]?made)|tortillas?|fresh pasta|(?:pasta|lasagne)\s+sheets?|pie\s?crusts?|ready[- ]rolled)\b/i;
/** Egg without an amount is the brush's. */
const BRUSHED = /^(?:a\s+)?(?:little\s+)?(?:beaten eggs?|eggs?,? beaten|egg ?wash|egg yolk and milk|milk and egg)\s*$/i;
/** Poppy seeds on the outside and the like. */
const OUTSIDE = /\b(?:on top|egg ?wash|for the (?:top|crust|outside))\b/i;

/** "…, plus more for sprinkling": what stands before it goes in all the same. */
const ALSO = /,?\s*(?:\(\s*)?(?:plus|and|with)?\s*(?:a (?:little|bit)\s+)?(?:more|extra)\s+(?:to|for)\b.*$/i;

/** Why a line is no part of the filling, in its own words; null where it is. */
export function notFilling(line: string): string | null {
  const text = line.replace(ALSO, '');
  const found = PURPOSE.exec(text) ?? BRUSHED.exec(text.trim()) ?? OUTSIDE.exec(text) ?? WRAPPER.exec(text);
  if (found) return found[0].trim();
  const frying = FRYING.exec(text);
  return frying && !SMALL_AMOUNT.test(text) ? frying[0].trim() : null;
}
