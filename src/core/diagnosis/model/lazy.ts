/** Values that are made once for each owner and key, and kept for as long as their owner is. */
export function keptBy<T>(): (owner: object, key: string, make: () => T) => T {
  const made = new WeakMap<object, Map<string, T>>();
  return (owner, key, make) => {
    const ofOwner = made.get(owner) ?? new Map<string, T>();
    made.set(owner, ofOwner);
    const value = ofOwner.get(key) ?? make();
    ofOwner.set(key, value);
    return value;
  };
}

/** A value that is made when it is first asked for, and kept. */
export function lazy<T>(make: () => T): () => T {
  let made: { readonly value: T } | null = null;
  return () => (made ??= { value: make() }).value;
}
