type Loose = Record<string, unknown>;

/** From version 2 to 3: a session says what it was for; until then all were touch-ups. */
export function sessionToVersion3(session: Loose): Loose {
  return { ...session, job: 'touch-up' };
}
