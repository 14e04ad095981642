'use client';

import { nanoid } from 'nanoid';
import { useRef, useState } from 'react';
import type { EdgeNeed } from '../../core/inspection';
import { withMeasuredAngle, type Glint } from '../../core/measure';
import { stampNow } from '../../domain/clock';
import { newRecord } from '../../domain/newRecord';
import { finding, NO_CHECKS } from '../../domain/observation';
import type { Finding, Inspection } from '../../domain/session';
import type { Tool, TracedOutline } from '../../domain/tool';
import { newOne, tripIdAt, useStore, useUndoable } from '../../live';
import { photoWords as say } from './words';

/** Puts a measure where it belongs, each with the way to take it back. */
export interface PhotoKeeps {
  angle: (angle: { angleDeg: number; sdDeg: number }) => Promise<void>;
  edge: (mm: number) => Promise<void>;
  spine: (mm: number) => Promise<void>;
  silhouette: (traced: TracedOutline | null) => Promise<void>;
  chip: (depthMm: number, atMm: number) => Promise<void>;
  /** A bright stretch, in the tool's own millimetres from its heel. */
  glint: (stretch: Glint) => Promise<void>;
  /** The look of today that findings of this photo went into; null before any. */
  lookId: string | null;
}

/** A glint longer than this is more than one finding (mm). */
const GLINT_EVERY_MM = 10;

const tenth = (mm: number): number => Math.round(10 * mm) / 10;

export function usePhotoKeeps({ tool, zone, state }: EdgeNeed, onKept: () => void): PhotoKeeps {
  const store = useStore();
  const undoable = useUndoable();
  const [lookId, setLookId] = useState<string | null>(null);
  const madeId = useRef<string | null>(null);
  // One after the other: the second finding comes into the look that the first has made.
  const queue = useRef(Promise.resolve());
  const change = async (make: (kept: Tool, at: string) => Tool): Promise<void> => {
    const kept = await store.tools.get(tool.id);
    if (!kept) return;
    const after = make(kept, stampNow());
    await undoable(say.kept, [{ store: 'tools', id: tool.id, before: kept, after }]);
    onKept();
  };
  const intoLook = async (findings: readonly Finding[]): Promise<void> => {
    const at = stampNow();
    const made = madeId.current ? await store.inspections.get(madeId.current) : undefined;
    if (made && !made.deletedAt) {
      const seen = { ...made.seen, findings: [...made.seen.findings, ...findings] };
      const after = { ...made, updatedAt: at, seen };
      await undoable(say.foundKept, [{ store: 'inspections', id: made.id, before: made, after }]);
      return;
    }
    const look: Inspection = {
      ...newRecord(nanoid(), at),
      toolId: tool.id,
      zoneId: zone.id,
      tripId: await tripIdAt(store, tool.id, at),
      at,
      // What was known of it before stays known: what is found now comes to it.
      seen: { tests: [...state.tests], findings: [...state.findings, ...findings] },
      lookedAlong: true,
      checks: NO_CHECKS,
      notes: '',
    };
    await undoable(say.foundKept, [newOne('inspections', look)]);
    madeId.current = look.id;
    setLookId(look.id);
  };
  const found = (findings: readonly Finding[]): Promise<void> => {
    const written = queue.current.then(() => intoLook(findings)).then(onKept);
    // What is refused is told, and holds up none that come after it.
    queue.current = written.catch(() => {});
    return written;
  };
  return {
    lookId,
    angle: (angle) =>
      change((kept, at) =>
        withMeasuredAngle(kept, zone.id, { ...angle, method: 'face-width', of: 'bevel' }, at),
      ),
    edge: (mm) =>
      change((kept, at) => ({
        ...kept,
        updatedAt: at,
        edgeLengthMm: tenth(mm),
        // The one stretch of it ends where the edge does.
        zones: kept.zones.map((own) => ({ ...own, endMm: tenth(mm), measuredAt: at })),
      })),
    spine: (mm) => change((kept, at) => ({ ...kept, updatedAt: at, spineThicknessMm: tenth(mm) })),
    silhouette: (traced) => change((kept, at) => ({ ...kept, updatedAt: at, traced })),
    chip: (depthMm, atMm) =>
      found([finding('chip', tenth(atMm), Math.round(100 * depthMm) / 100, { cause: 'unknown' })]),
    glint({ fromMm, toMm }) {
      const many = Math.max(1, Math.round((toMm - fromMm) / GLINT_EVERY_MM));
      const each = (toMm - fromMm) / many;
      return found(
        Array.from({ length: many }, (_, i) =>
          finding('glint', tenth(fromMm + (i + 0.5) * each), 0, { band: 'apex' }),
        ),
      );
    },
  };
}
