/** Reads all that a place says: every sentence of its module, with figures as they come. */

type Saying = (...given: never[]) => string;

/** For each sentence that takes figures, some of them: what decides its form (one or several, known or not) both ways. */
export type Samples<Words> = {
  readonly [Name in keyof Words as Words[Name] extends Saying ? Name : never]: readonly Parameters<
    Extract<Words[Name], Saying>
  >[];
};

/** What no sentence may have in it, whatever it was given. */
const BROKEN: readonly [RegExp, string][] = [
  [/undefined|null|NaN|\[object|\$\{/, 'a value that was not said'],
  [/\S {2}|\.\.| [.,;:!?]/, 'a gap'],
  [/—/, 'a dash'],
  [/[a-z]'[a-z]/, 'a straight apostrophe'],
  [
    /(?:^|[^\d.,/×]\s)1\s(?:pieces|readings|batches|steps|lines|fillings|ways|records|alarms|helpers|ingredients|versions|sheets|packets|earlier)\b/,
    'one of several',
  ],
  [/\babout (?:more|less) than\b/, 'about more than'],
  [/\bthe our\b|\ba [aeio]\w/, 'an article'],
  [/\b(?:could|was|were|is|are|does|do|did|has|have) not\b|\bcannot\b/, 'a contraction'],
];

const wrongWith = (text: string): string[] =>
  BROKEN.flatMap(([pattern, what]) => (pattern.test(text) ? [`${what}: “${text}”`] : []));

/** Every sentence is whole, in whatever form. */
export function readAll<Words extends object>(words: Words, samples: Samples<Words>): void {
  const fixed = Object.entries(words).filter((entry): entry is [string, string] => typeof entry[1] === 'string');
  const given = Object.entries(samples as Record<string, readonly unknown[][]>);
  const said = given.flatMap(([name, lists]) => {
    const say = (words as Record<string, (...values: unknown[]) => string>)[name];
    return lists.map((list) => say(...list));
  });
  it('every sentence is whole, and speaks as people do', () => {
    expect([...fixed.map(([, text]) => text), ...said].flatMap(wrongWith)).toEqual([]);
  });
  it('none is left unread', () => {
    const unread = Object.entries(words)
      .filter(([name, one]) => typeof one === 'function' && !(name in samples))
      .map(([name]) => name);
    const notThere = Object.keys(samples).filter((name) => !(name in words));
    expect([...unread, ...notThere]).toEqual([]);
  });
}
