'use client';

import { useState } from 'react';
import { apexAngle } from '../../core/edge';
import type { EdgeNeed } from '../../core/inspection';
import {
  angleFromTilt,
  angleRefused,
  type AngleRefused,
  type TiltAngle,
  type TiltReading,
  type TiltZero,
} from '../../core/measure';
import { PHONE_MOTION, simulatedPhone, type SimulatedPhone } from '../../instruments';
import { useTilt, type Tilt } from './useTilt';

export interface AngleFinder {
  tilt: Tilt;
  zero: TiltZero;
  halfTaperDeg: number;
  /** The angle as it is now; null before any reading. */
  found: TiltAngle | null;
  refused: AngleRefused | null;
  scatterDeg: number;
  isStill: boolean;
  /** The readings of before the phone was turned end for end; null where it was not. */
  first: readonly TiltReading[] | null;
  begin: (by: 'device' | 'simulated') => void;
  chooseZero: (zero: TiltZero) => void;
  takeZero: () => void;
  zeroAgain: () => void;
  /** Keeps what was read so far, for the mean with the phone turned end for end. */
  turn: () => void;
}

/** From a nought on the stone to an angle, step by step; a simulated phone is laid where each step says. */
export function useAngleFinder({ zone }: EdgeNeed): AngleFinder {
  const tilt = useTilt();
  const [zero, setZero] = useState<TiltZero>('bare-stone');
  const [first, setFirst] = useState<readonly TiltReading[] | null>(null);
  const [phone, setPhone] = useState<SimulatedPhone | null>(null);
  const halfTaperDeg = zone.primaryAngleDeg;
  const sum = { zeroDeg: 0, zero, halfTaperDeg };
  const settled = angleFromTilt({ readings: tilt.readings, ...sum });
  const found =
    tilt.isZeroed && first
      ? angleFromTilt({ readings: first, turned: tilt.readings, ...sum })
      : settled;
  const restart = (on: TiltZero, isTurned: boolean): void => {
    tilt.unzero();
    phone?.lay({ on: on === 'bare-stone' ? 'stone' : 'flat blade', isTurned });
  };
  return {
    tilt,
    zero,
    halfTaperDeg,
    found,
    refused: found && angleRefused(zone, { ...found, of: 'apex' }),
    scatterDeg: settled?.scatterDeg ?? 0,
    isStill: settled?.still === true,
    first,
    begin(by) {
      const angleDeg = apexAngle(zone);
      const simulated = by === 'simulated' ? simulatedPhone({ angleDeg, halfTaperDeg }) : null;
      setPhone(simulated);
      setFirst(null);
      tilt.unzero();
      tilt.open(simulated ?? PHONE_MOTION);
    },
    chooseZero(next) {
      setZero(next);
      restart(next, first !== null);
    },
    takeZero() {
      tilt.zero();
      phone?.lay({ on: 'standing blade', isTurned: first !== null });
    },
    zeroAgain: () => restart(zero, first !== null),
    turn() {
      setFirst(tilt.readings);
      restart(zero, true);
    },
  };
}
