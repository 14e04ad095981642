/** The fields of a record that is made now; `at` is the moment, ISO 8601 in UTC. */
export function newRecord(id: string, at: string) {
  return { id, createdAt: at, updatedAt: at, deletedAt: null };
}
