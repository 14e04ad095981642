import type { Finding } from '../../domain/session';

interface FindingNote {
  /** In a word or two, for a list. */
  short: string;
  /** What it asks for. */
  remedy: string;
}

/** Findings that are no dullness and no chip, and what each asks for. */
const NOTES: Partial<Record<Finding['kind'], FindingNote>> = {
  rust: {
    short: 'rust to rub off',
    remedy:
      'Rust: rub it off with oil and a cork or fine abrasive before the edge is worked, then leave a thin film.',
  },
  'blunted-tip': {
    short: 'the tip is blunted',
    remedy:
      'A blunted tip: grind the spine down to meet the edge, never the edge up; leave it where the work needs no point.',
  },
  'bent-tip': {
    short: 'the tip is bent',
    remedy:
      'A bent tip: ease it back cold, in small steps, over wood, while the bend is slight; with a crack, or in hard steel, send it to a smith.',
  },
};

/** What else was found, each once: rust, a tip. */
export function findingNotes(findings: readonly Finding[]): FindingNote[] {
  const kinds = new Set(findings.filter((f) => !f.leftOnPurpose).map(({ kind }) => kind));
  return [...kinds].flatMap((kind) => NOTES[kind] ?? []);
}
