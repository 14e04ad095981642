'use client';

import { useMemo } from 'react';
import { rackRound, type Hand, type RackRound, type Shelf, type ZoneState } from '../../core';

/** Every edge of the rack brought to its target once, worn or chipped: what things are worth for. */
export function useRackRound(input: {
  states: readonly ZoneState[];
  shelf: Shelf;
  hand: Hand;
  chipDepthMm: number;
  wornRatio: number;
}): RackRound {
  const { states, shelf, hand, chipDepthMm, wornRatio } = input;
  return useMemo(
    () =>
      rackRound({
        zones: states.filter(({ stops }) => stops.length === 0),
        shelf,
        chipDepthMm,
        hand,
        wornRatio,
      }),
    [states, shelf, hand, chipDepthMm, wornRatio],
  );
}
