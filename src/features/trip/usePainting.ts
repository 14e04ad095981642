import { useState } from 'react';
import type { Trip } from '../../domain/trip';
import { useTripDraft, type TripStep } from '../../live';
import { rubbedOut } from './paint';
import { RUB_OUT } from './rubOut';

/** Strokes of the brush that can be taken back. */
const MOST_UNDO = 50;

/** A day of a tool's work. */
interface Cell {
  toolId: string;
  day: number;
}

/** A trip under the brush: what it paints with, the cell in hand, and the strokes that can be taken back. */
export interface Painting {
  trip: Trip;
  change: (step: TripStep) => void;
  /** Paints a cell, or rubs it out where that is what the brush does. */
  paint: (toolId: string, day: number, step: TripStep) => void;
  taskId: string;
  setTaskId: (taskId: string) => void;
  picked: Cell | null;
  pick: (cell: Cell) => void;
  /** Takes the last stroke back; null where there is none. */
  takeBack: (() => void) | null;
}

export function usePainting(kept: Trip): Painting {
  const { trip, change: take } = useTripDraft(kept);
  const [back, setBack] = useState<TripStep[]>([]);
  const [taskId, setTaskId] = useState('carve-dry');
  const [picked, pick] = useState<Cell | null>(null);
  const change = (step: TripStep): void => {
    const takenBack = take(step);
    setBack((own) => [...own.slice(1 - MOST_UNDO), takenBack]);
  };
  const paint = (toolId: string, day: number, step: TripStep): void => {
    pick({ toolId, day });
    change(taskId === RUB_OUT ? (own) => rubbedOut(own, { toolId, day }) : step);
  };
  const last = back.at(-1);
  const takeBack = last
    ? () => {
        take(last);
        setBack(back.slice(0, -1));
      }
    : null;
  return { trip, change, paint, taskId, setTaskId, picked, pick, takeBack };
}
