/** The records whose every change is told, field by field: tools, what lies on the shelf, trips. */
export const TRACED_STORES = [
  'tools',
  'abrasives',
  'strops',
  'compounds',
  'lubricants',
  'helpers',
  'trips',
] as const;
export type TracedStore = (typeof TRACED_STORES)[number];

/** What made a change. */
export const CHANGE_CAUSES = ['by hand', 'touch-up', 'file', 'taken back'] as const;
export type ChangeCause = (typeof CHANGE_CAUSES)[number];

export function isTraced(store: string): store is TracedStore {
  return (TRACED_STORES as readonly string[]).includes(store);
}
