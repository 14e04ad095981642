import type { EdgeNeed } from '../core/inspection';
import { jobLink } from './jobAddress';

/** Where a session is gone on with. */
export function guideLink(sessionId: string): string {
  return `/touch-up/guide?session=${sessionId}`;
}

/** Where the first answer for a tool stands; `of` are the tools that are gone through, the worst first. */
export function firstAnswerLink(toolId: string, of: readonly string[]): string {
  const query = new URLSearchParams({ tool: toolId });
  if (of.length > 1) query.set('of', of.join(','));
  return `/touch-up/first?${query.toString()}`;
}

/** Where an edge is seen to: its plan, or the look along it where a stone must not touch it. */
export function touchUpLink({ tool, zone, beyond, job }: EdgeNeed): string {
  if (beyond === 'stop use' || beyond === 'professional') {
    return `/inspect?tool=${tool.id}&zone=${zone.id}`;
  }
  return jobLink({ toolId: tool.id, zoneId: zone.id, job });
}

/** A tool's own page. */
export function toolLink(toolId: string): string {
  return `/tool?id=${toolId}`;
}

/** Where a hand is practised for an edge. */
export function coachLink(toolId: string, zoneId: string): string {
  return `/measure/hold?${new URLSearchParams({ tool: toolId, zone: zoneId }).toString()}`;
}

/** Where an edge's angle is found with a phone's level. */
export function angleLink(toolId: string, zoneId: string): string {
  return `/measure/angle?${new URLSearchParams({ tool: toolId, zone: zoneId }).toString()}`;
}

/** Where an edge is measured on a photo. */
export function photoLink(toolId: string, zoneId: string): string {
  return `/measure/photo?${new URLSearchParams({ tool: toolId, zone: zoneId }).toString()}`;
}

/** Where a picture that was kept is measured on. */
export function keptPhotoLink(toolId: string, zoneId: string, photoId: string): string {
  return `${photoLink(toolId, zoneId)}&${new URLSearchParams({ photo: photoId }).toString()}`;
}
