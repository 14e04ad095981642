/** Mean time of one run of `work`, in ms. */
export function millisecondsEach(work: () => unknown, runs: number): number {
  const begin = performance.now();
  for (let i = 0; i < runs; i += 1) work();
  return (performance.now() - begin) / runs;
}
