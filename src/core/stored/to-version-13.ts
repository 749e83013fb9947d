/** Version 13: a strip folded over and over is called a flag triangle; what is bought may be thawed already. Until then it was not. */
type Json = Record<string, unknown>;

const isObject = (value: unknown): value is Json =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

export function toVersion13(document: Json): Json {
  const { wrap } = document;
  return {
    ...document,
    version: 13,
    wrap: isObject(wrap)
      ? { ...wrap, ...(wrap.form === 'flag-fold' ? { form: 'flag-triangle' } : {}), isThawed: false }
      : wrap,
  };
}
