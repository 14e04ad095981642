/** The screens, those used outdoors first, with the key that leads to each. */
export const SCREENS = [
  { path: '/', name: 'Rack', key: '1', outdoors: true },
  { path: '/inspect', name: 'Inspect', key: '2', outdoors: true },
  { path: '/touch-up', name: 'Touch-up', key: '3', outdoors: true },
  { path: '/trip', name: 'Trip', key: '4', outdoors: true },
  { path: '/kit', name: 'Kit', key: '5', outdoors: true },
  { path: '/shelf', name: 'Shelf', key: '6', outdoors: false },
  { path: '/log', name: 'Log', key: '7', outdoors: false },
  { path: '/care', name: 'Care', key: '8', outdoors: false },
  { path: '/data', name: 'Data', key: '9', outdoors: false },
] as const;

/** The screen that a path belongs to: a tool belongs to the rack, the words to none. */
export function screenOf(pathname: string): string {
  if (pathname.startsWith('/tool')) return '/';
  if (pathname.startsWith('/words')) return '';
  return SCREENS.findLast(({ path }) => pathname.startsWith(path))?.path ?? '/';
}
