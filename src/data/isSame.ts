/** Whether two stored values say the same, field by field in their order. */
export function isSame(one: unknown, other: unknown): boolean {
  return JSON.stringify(one) === JSON.stringify(other);
}
