/** Which kind of a food its qualifiers choose: mince of pork shoulder, stock of beef, roast chicken. */
import { COOKED_WORDS, MINCED_WORDS } from './words';

type Words = ReadonlySet<string>;
const any = (words: Words, of: string | ReadonlySet<string>): boolean =>
  [...(typeof of === 'string' ? of.split(' ') : of)].some((word) => words.has(word));

interface Species {
  /** What it is called, in the singular. */
  named: string;
  mince?: string;
  /** Of the leaner part. */
  leanMince?: string;
  cooked?: string;
  /** By the way it was cooked. */
  braised?: string;
  boiled?: string;
  confit?: string;
  stock?: string;
  smoked?: string;
}

const SPECIES: readonly Species[] = [
  { named: 'wild-boar boar', mince: 'wild-boar-mince', stock: 'beef-stock' },
  {
    named: 'pork',
    mince: 'pork-mince',
    leanMince: 'pork-mince-lean',
    cooked: 'pork-roast',
    braised: 'pork-braised',
    stock: 'beef-stock',
  },
  {
    named: 'beef steak ox',
    mince: 'beef-mince',
    leanMince: 'beef-mince-lean',
    cooked: 'beef-roast',
    braised: 'beef-braised',
    boiled: 'beef-boiled',
    stock: 'beef-stock',
  },
  { named: 'lamb mutton', mince: 'lamb-mince', cooked: 'lamb-roast', braised: 'lamb-braised', stock: 'beef-stock' },
  { named: 'veal', mince: 'veal-mince', stock: 'beef-stock' },
  {
    named: 'venison game',
    mince: 'venison-mince',
    cooked: 'venison-braised',
    braised: 'venison-braised',
    stock: 'beef-stock',
  },
  {
    named: 'chicken',
    mince: 'chicken-thigh-mince',
    leanMince: 'chicken-breast-mince',
    cooked: 'chicken-cooked',
    stock: 'chicken-stock',
    smoked: 'chicken-smoked',
  },
  {
    named: 'turkey',
    mince: 'turkey-thigh-mince',
    leanMince: 'turkey-breast-mince',
    cooked: 'turkey-cooked',
    stock: 'chicken-stock',
  },
  {
    named: 'duck',
    mince: 'duck-mince',
    cooked: 'duck-cooked',
    braised: 'duck-leg-braised',
    confit: 'duck-confit',
    stock: 'chicken-stock',
    smoked: 'duck-smoked',
  },
  { named: 'goose', cooked: 'goose-cooked', stock: 'chicken-stock', smoked: 'duck-smoked' },
  { named: 'salmon', cooked: 'salmon-cooked', smoked: 'salmon-smoked', stock: 'fish-stock' },
  { named: 'haddock', cooked: 'white-fish-cooked', smoked: 'haddock-smoked', stock: 'fish-stock' },
  { named: 'mackerel', smoked: 'mackerel-smoked' },
  { named: 'trout eel', smoked: 'trout-smoked' },
  {
    named: 'fish cod hake pollock coley whiting',
    cooked: 'white-fish-cooked',
    smoked: 'haddock-smoked',
    stock: 'fish-stock',
  },
  { named: 'prawn shrimp', cooked: 'prawns-cooked', stock: 'fish-stock' },
];

const STOCK = 'stock broth bouillon';
/** Dry or concentrated, it is another thing. */
const CONCENTRATED = 'cube powder granule paste pot concentrate';
const BRAISED = 'braised pulled stewed confit slow-cooked';
const LEAN = 'lean breast fillet';

/**
 * The kind that the qualifiers of a name choose.
 * @param words all words of the name, in the singular
 * @param noted words of the note: "boned and minced" makes mince, but "poached" there is a preparation of what is bought
 * @returns the larder's id; `unknown` where the kind is one that the larder does not have; null where no kind is named
 */
export function kindNamed(words: Words, noted: Words): string | null | 'unknown' {
  const species = SPECIES.filter(({ named }) => any(words, named));
  const isMinced = any(words, MINCED_WORDS) || ((noted.has('minced') || noted.has('ground')) && species.length > 0);
  if (any(words, STOCK)) {
    if (any(words, CONCENTRATED)) return 'stock-powder';
    if (
      any(words, 'jellied gelled jelly gelatine gelatin') ||
      (words.has('set') && any(noted, 'gelatine gelatin jelly'))
    )
      return 'stock-gelled';
    if (words.has('vegetable')) return 'vegetable-stock';
    const [of] = species.flatMap(({ stock }) => stock ?? []);
    if (of !== undefined) return of;
    return any(words, 'meat bone turkey poultry') ? 'beef-stock' : null;
  }
  // Sauces, fats, sausages and the like of an animal are names of their own.
  if (
    any(
      words,
      'sauce fat sausage sausagemeat liver liverwurst skin bone gravy lard dripping paste kidney heart roe oil mushroom stick egg stew soup curry chilli ragu bolognese pie burger meatball casserole hash',
    )
  )
    return null;
  if (species.length === 0) return isMinced && any(words, 'mixed half') && any(words, 'mince') ? 'mixed-mince' : null;
  const [one] = species;
  if (isMinced) {
    if (species.length > 1) return any(words, 'beef') && any(words, 'pork') ? 'mixed-mince' : 'unknown';
    // What is cooked first and then minced is cooked.
    if (any(words, COOKED_WORDS)) return cookedKind(one, words);
    const wanted = any(words, LEAN) ? (one.leanMince ?? one.mince) : one.mince;
    return wanted ?? null;
  }
  if (words.has('smoked')) return one.smoked ?? null;
  return any(words, COOKED_WORDS) ? cookedKind(one, words) : null;
}

function cookedKind({ cooked, braised, boiled, confit }: Species, words: Words): string | null {
  if (words.has('confit') && confit !== undefined) return confit;
  if (any(words, BRAISED)) return braised ?? cooked ?? null;
  if (words.has('boiled')) return boiled ?? cooked ?? null;
  return cooked ?? null;
}
