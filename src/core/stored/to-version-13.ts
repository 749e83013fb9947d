/** Version 13: a strip folded over and over is called a flag triangle. */
type Json = Record<string, unknown>;

const isObject = (value: unknown): value is Json =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

export function toVersion13(document: Json): Json {
  const { wrap } = document;
  return {
    ...document,
    version: 13,
    wrap: isObject(wrap) && wrap.form === 'flag-fold' ? { ...wrap, form: 'flag-triangle' } : wrap,
  };
}
