'use client';

import { useContext } from 'react';
import type { Had } from '../data';
import { KeptContext } from './StoreProvider';

/** What was here, where the database was found empty and had not been; null for the rest. */
export function useLost(): Had | null {
  return useContext(KeptContext)?.lost ?? null;
}
