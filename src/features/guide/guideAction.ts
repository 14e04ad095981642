import type { GuideEvent } from '../../core/touchUp';

/** A guide event before its moment is known. */
export type GuideAction = GuideEvent extends infer E
  ? E extends unknown
    ? Omit<E, 'at'>
    : never
  : never;
