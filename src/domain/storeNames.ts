/** Every kind of stored record, by the name of its store. */
export const STORE_NAMES = [
  'tools',
  'abrasives',
  'strops',
  'compounds',
  'lubricants',
  'helpers',
  'inspections',
  'sessions',
  'trips',
  'care',
  'photos',
  'settings',
  'history',
  'practices',
] as const;
export type StoreName = (typeof STORE_NAMES)[number];
