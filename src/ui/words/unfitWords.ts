import { spoken } from './closedWords';
import { placeMm } from '../format';
import type { UnfitReason } from '../../core/ladder';

/** Why a thing on the shelf is not in play. */
export function unfitWords(reason: UnfitReason): string {
  switch (reason.kind) {
    case 'too short':
      return `too short: ${spoken(reason.toolForm)} edges need ${placeMm(reason.needsMm)} of surface`;
    case 'hard strop on a hollow edge':
      return 'a flat hard strop touches only the ends of a hollow edge';
    case 'hanging strop on hard steel':
      return 'on steel this hard, first a strop pulled flat; one that hangs or gives comes after it';
    case 'removes nothing':
      return 'it lays an edge straight and removes nothing';
    case 'scrapes':
      return 'a pull-through scrapes at its own angle and never touches the shoulders: for an emergency, and to be logged as one';
    case 'no lubricant':
      return 'none of its lubricants is at hand';
    case 'flat stone on a hollow edge':
      return 'a flat stone touches only the ends of a hollow edge';
    case 'file skates':
      return `files skate above ${reason.limitHrc} HRC`;
    case 'file on a knife':
      return 'files are kept for axes and machetes';
    case 'cuts':
      return 'it cuts: a turned edge is laid straight, not ground';
    case 'needed and not at hand':
      return 'needed, and not at hand';
    case 'left out by you':
      return 'left out by you';
  }
}
