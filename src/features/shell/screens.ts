/** The screens in the order people work, with the key that leads to each. */
export const SCREENS = [
  { path: '/', name: 'Rack', key: '1' },
  { path: '/inspect', name: 'Inspect', key: '2' },
  { path: '/shelf', name: 'Shelf', key: '3' },
  { path: '/touch-up', name: 'Touch-up', key: '4' },
  { path: '/kit', name: 'Kit', key: '5' },
  { path: '/log', name: 'Log', key: '6' },
  { path: '/data', name: 'Data', key: '7' },
] as const;

/** The screen that a path belongs to: a tool belongs to the rack. */
export function screenOf(pathname: string): string {
  if (pathname.startsWith('/tool')) return '/';
  return SCREENS.findLast(({ path }) => pathname.startsWith(path))?.path ?? '/';
}
