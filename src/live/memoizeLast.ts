/**
 * The same function, which computes again only when an argument is not the very one of the last
 * call. Shared by every screen that asks, so that going from one to the next costs nothing.
 */
export function memoizeLast<A extends readonly unknown[], R>(
  compute: (...args: A) => R,
): (...args: A) => R {
  let last: { args: A; result: R } | null = null;
  return (...args) => {
    const same = last?.args.every((arg, i) => Object.is(arg, args[i])) ?? false;
    if (!same) last = { args, result: compute(...args) };
    return last!.result;
  };
}
