/** Worked out when it is first asked for, once: of a change that is tried out for one check the others' accounts are not needed. */
export function once<T>(make: () => T): () => T {
  let made: { value: T } | null = null;
  return () => (made ??= { value: make() }).value;
}
