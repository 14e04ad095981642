'use client';

import { useMemo } from 'react';
import { kitProblem, type Hand, type KitProblem, type Shelf, type ZoneState } from '../../core';

/** Longest touch-up that a kit may plan: here nothing is too long, minutes are what is counted. */
const NO_LIMIT_MINUTES = 240;

/** Every edge of the rack brought to its target once, worn or chipped: what things are worth for. */
export function useRackRound(input: {
  states: readonly ZoneState[];
  shelf: Shelf;
  hand: Hand;
  chipDepthMm: number;
  wornRatio: number;
}): KitProblem {
  const { states, shelf, hand, chipDepthMm, wornRatio } = input;
  return useMemo(
    () =>
      kitProblem({
        zones: states.filter(({ stops }) => stops.length === 0),
        shelf,
        minutesPerTouchUp: NO_LIMIT_MINUTES,
        chipDepthMm,
        hand,
        wornRatio,
      }),
    [states, shelf, hand, chipDepthMm, wornRatio],
  );
}
