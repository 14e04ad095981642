import type { Cover, HelperKind } from './terms';

const USUAL: Record<HelperKind, Cover[]> = {
  marker: ['see the angle'],
  coins: ['see the angle'],
  wedge: ['see the angle'],
  clamp: [],
  gloves: ['hand protection'],
  'eye protection': [],
  wipes: ['wipe'],
  'oil or wax': ['rust film'],
  'first aid': ['first aid'],
  'flat board': ['flat backing'],
  'flattening stone': [],
  other: [],
};

/** What a helper of its kind does for a kit, unless its owner says otherwise. */
export function usualCovers(kind: HelperKind): Cover[] {
  return [...USUAL[kind]];
}
