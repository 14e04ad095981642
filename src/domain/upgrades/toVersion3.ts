type Loose = Record<string, unknown>;

/** From version 2 to 3: a session says what it was for, and a step on what body; all were touch-ups. */
export function sessionToVersion3(session: Loose): Loose {
  const steps = (session.steps as Loose[]).map((step) => ({ ...step, form: null }));
  return { ...session, job: 'touch-up', steps };
}
