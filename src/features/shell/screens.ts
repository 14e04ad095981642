import { shellWords as say } from '../../ui/words/shellWords';
/** The screens, those used outdoors first, with the key that leads to each. */
export const SCREENS = [
  { path: '/', name: say.rack, key: '1', outdoors: true },
  { path: '/inspect', name: say.inspect, key: '2', outdoors: true },
  { path: '/touch-up', name: say.touchUp, key: '3', outdoors: true },
  { path: '/trip', name: say.trip, key: '4', outdoors: true },
  { path: '/kit', name: say.kit, key: '5', outdoors: true },
  { path: '/shelf', name: say.shelf, key: '6', outdoors: false },
  { path: '/log', name: say.log, key: '7', outdoors: false },
  { path: '/lab', name: say.lab, key: '8', outdoors: false },
  { path: '/measure/hold', name: say.hold, key: 'h', outdoors: false },
  { path: '/care', name: say.care, key: '9', outdoors: false },
  { path: '/data', name: say.data, key: '0', outdoors: false },
] as const;

/** The screen that a path belongs to: a tool belongs to the rack, the words to none. */
export function screenOf(pathname: string): string {
  if (pathname.startsWith('/tool')) return '/';
  if (pathname.startsWith('/words')) return '';
  return SCREENS.findLast(({ path }) => pathname.startsWith(path))?.path ?? '/';
}
