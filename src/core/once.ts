/** The same computation, done once for each thing that it is asked of: things never change, and are let go of with it. */
export function once<K extends object, V>(compute: (of: K) => V): (of: K) => V {
  const known = new WeakMap<K, V>();
  return (of) => {
    if (!known.has(of)) known.set(of, compute(of));
    return known.get(of)!;
  };
}
