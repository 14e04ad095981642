'use client';

import { useKeepCopies } from '../../live';

/** Keeps the copies outside the browser up to date; shows nothing. */
export default function KeepCopies() {
  useKeepCopies();
  return null;
}
