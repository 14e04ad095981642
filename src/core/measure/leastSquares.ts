/** Least squares of rows·v = values by the normal equations, with pivots; null where they have no one answer. */
export function leastSquares(
  rows: readonly (readonly number[])[],
  values: readonly number[],
): number[] | null {
  const size = rows[0]!.length;
  const table = Array.from({ length: size }, (_, i) => [
    ...Array.from({ length: size }, (_unused, j) =>
      rows.reduce((sum, row) => sum + row[i]! * row[j]!, 0),
    ),
    rows.reduce((sum, row, k) => sum + row[i]! * values[k]!, 0),
  ]);
  for (let i = 0; i < size; i += 1) {
    let pivot = i;
    for (let k = i + 1; k < size; k += 1)
      if (Math.abs(table[k]![i]!) > Math.abs(table[pivot]![i]!)) pivot = k;
    if (Math.abs(table[pivot]![i]!) < 1e-12) return null;
    [table[i], table[pivot]] = [table[pivot]!, table[i]!];
    for (let k = 0; k < size; k += 1) {
      if (k === i) continue;
      const share = table[k]![i]! / table[i]![i]!;
      for (let j = i; j <= size; j += 1) table[k]![j]! -= share * table[i]![j]!;
    }
  }
  return table.map((row, i) => row[size]! / row[i]!);
}
