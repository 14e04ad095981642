import type { SessionStep } from '../../domain/session';

/** A likely cause of a step that does not come to its end. */
export type StuckCause =
  | { kind: 'not at the apex'; inkSeen: SessionStep['inkChecks'][number]['seen'] | null }
  | { kind: 'past it already'; burrFelt: boolean }
  | { kind: 'loaded' }
  | { kind: 'too light'; forceN: number }
  | { kind: 'too fine'; sizeUm: number };

/**
 * Why a step may be stuck, the likeliest first: what ink has told before, a burr that says that the
 * work is done, a loaded surface, too little weight, too fine a stone.
 */
export function stuckCauses(step: SessionStep): StuckCause[] {
  const inkSeen = step.inkChecks.at(-1)?.seen ?? null;
  const burrFelt = step.burrWalks.some(({ felt }) => felt.every(Boolean));
  const past: StuckCause[] = step.kind === 'stone' ? [{ kind: 'past it already', burrFelt }] : [];
  const apex: StuckCause[] =
    inkSeen === 'gone to the edge' ? [] : [{ kind: 'not at the apex', inkSeen }];
  const stone: StuckCause[] =
    step.kind === 'stone' ? [{ kind: 'too fine', sizeUm: step.sizeUm }] : [];
  return [
    ...(burrFelt ? past : []),
    ...apex,
    { kind: 'loaded' },
    { kind: 'too light', forceN: step.forceN },
    ...stone,
    ...(burrFelt ? [] : past),
  ];
}
