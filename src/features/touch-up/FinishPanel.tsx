'use client';

import { useState } from 'react';
import { passes, type EdgeTest, type Finding, type Session } from '../../domain/session';
import type { Zone } from '../../domain/tool';
import { NotesField } from '../../ui/forms/fields';
import { sentence } from '../../ui/format';
import { TestChoice } from '../../ui/ObservationFields';

/** The end of a touch-up: last test, what is still to be seen, a note; then it is in the log. */
export function FinishPanel(props: {
  session: Session;
  zone: Zone;
  onTest: (reading: EdgeTest) => void;
  onBack: () => void;
  onFinish: (findings: Finding[], notes: string) => void;
}) {
  const { session, zone, onTest, onBack, onFinish } = props;
  const [notes, setNotes] = useState(session.notes);
  const [remaining, setRemaining] = useState<Finding[]>([]);
  const latest = session.steps.findLast(({ tests }) => tests.length > 0)?.tests.at(-1);
  return (
    <form
      className="mx-auto grid w-full max-w-3xl flex-1 content-start gap-5 px-4 py-6 sm:px-8"
      onSubmit={(event) => {
        event.preventDefault();
        onFinish(remaining, notes.trim());
      }}
    >
      <h2>Finish</h2>
      <TestChoice
        legend="The finest test it passes at the end"
        chosen={latest?.test ?? null}
        onChoose={(test) => onTest(passes(test))}
      />
      {session.before.findings.length > 0 && (
        <fieldset>
          <legend className="font-semibold">Still to be seen?</legend>
          {session.before.findings.map((finding) => (
            <label
              key={`${finding.kind}${finding.atMm}`}
              className="flex min-h-12 items-center gap-3"
            >
              <input
                type="checkbox"
                className="checkbox"
                checked={remaining.includes(finding)}
                onChange={(event) =>
                  setRemaining(
                    event.target.checked
                      ? [...remaining, finding]
                      : remaining.filter((kept) => kept !== finding),
                  )
                }
              />
              {sentence(finding.kind)} {Math.round(finding.atMm - zone.startMm)} mm from the heel of
              the zone
            </label>
          ))}
        </fieldset>
      )}
      <NotesField
        label="What to watch next time (optional)"
        value={notes}
        maxLength={4000}
        onChange={(event) => setNotes(event.target.value)}
      />
      <p className="text-soft">
        Wipe and dry it, a thin film of oil, wax or fat on carbon steel, clean hands before food.
        Keep swarf out of food and eyes.
      </p>
      <div className="flex flex-wrap gap-3">
        <button className="btn btn-primary px-8">Write it into the log</button>
        <button type="button" className="btn btn-ghost" onClick={onBack}>
          Back to the strokes
        </button>
      </div>
    </form>
  );
}
