'use client';

import { spoken } from '../../ui/words/closedWords';
import { guideWords as say } from './words/guideWords';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { FormProvider } from 'react-hook-form';
import { useStore, noteOil } from '../../live';
import type { EdgeTest, Finding, Session } from '../../domain/session';
import { passedTest, readGrams } from '../../domain/observation';
import type { Tool, Zone } from '../../domain/tool';
import { ActionRow } from '../../ui/ActionRow';
import { NotesField } from '../../ui/forms/fields';
import { GramsField } from '../../ui/GramsField';
import { TestChoice } from '../../ui/ObservationFields';
import { Choice } from '../../ui/Choice';
import { leftZone } from '../../core/jobs';
import { finishMeasured, isHalfAnArc, withKeptFacet, type FacetChoice } from './finishMeasured';
import { MeasuredAfter } from './MeasuredAfter';
import { useEndOfJob } from './useEndOfJob';

const GuidePictures = dynamic(() => import('./GuidePictures'), { ssr: false });

interface FinishProps {
  session: Session;
  tool: Tool;
  zone: Zone;
  onTest: (reading: EdgeTest) => void;
  onNote: (notes: string) => void;
  onBack: () => void;
  onFinish: (findings: Finding[], notes: string) => void;
}

/** The button that ends the job stands outside of its form, at the thumb. */
const FORM_ID = 'end-of-job';

/** The end of a job: last test, what is still to be seen, what it left, a note; then it is in the log. */
export default function FinishPanel(props: FinishProps) {
  const { session, tool, zone, onTest, onNote, onBack, onFinish } = props;
  const left = leftZone(session);
  const zoneAfter = left?.zone ?? null;
  const facetOnly = left?.facetOnly ?? false;
  const store = useStore();
  const [notes, setNotes] = useState(session.notes);
  const { end, form, saved } = useEndOfJob(session, tool, zone, zoneAfter);
  const { remaining, facet } = end.value;
  const onSpine = session.job === 'spine';
  const latest = session.steps.findLast(({ tests }) => tests.length > 0)?.tests.at(-1);
  const finish = async (measured: Zone): Promise<void> => {
    const words = notes.trim();
    if (zoneAfter) {
      const ground = facetOnly ? withFacet(zoneAfter, facet) : measured;
      const findings = remaining;
      await finishMeasured(store, { session, findings, notes: words, ground, facetOnly });
    } else {
      await noteOil(store, session);
      onFinish(remaining, words);
    }
    saved();
  };
  return (
    <FormProvider {...form}>
      <div className="mx-auto grid w-full max-w-3xl gap-5 px-4 pt-6 sm:px-8">
        <h2>{say.finish}</h2>
        {!onSpine && <EndTest chosen={latest?.test ?? null} onTest={onTest} />}
      </div>
      <form
        id={FORM_ID}
        className="mx-auto grid w-full max-w-3xl flex-1 content-start gap-5 px-4 py-5 sm:px-8"
        onSubmit={(event) => void form.handleSubmit(finish)(event)}
        noValidate
      >
        {zoneAfter && !facetOnly && <MeasuredAfter />}
        {zoneAfter?.facet && facetOnly && (
          <FacetLeft
            facet={zoneAfter.facet}
            chosen={facet}
            onChoose={(choice) => end.change({ remaining, facet: choice })}
          />
        )}
        {isHalfAnArc(session) && <HalfAnArc />}
        {session.before.findings.length > 0 && (
          <StillSeen
            before={session.before.findings}
            zone={zone}
            remaining={remaining}
            onChange={(next) => end.change({ remaining: next, facet })}
          />
        )}
        <NotesField
          label={say.whatToWatchNextTime}
          value={notes}
          maxLength={4000}
          onChange={(event) => {
            setNotes(event.target.value);
            onNote(event.target.value);
          }}
        />
        <p className="text-soft">{say.wipeDryAndOil}</p>
      </form>
      <div className="mx-auto w-full max-w-3xl px-4 pb-6 sm:px-8">
        <GuidePictures session={session} tool={tool} stage="after" />
      </div>
      <FinishRow onBack={onBack} />
    </FormProvider>
  );
}

function FinishRow({ onBack }: { onBack: () => void }) {
  return (
    <ActionRow>
      <button type="button" className="btn btn-outline" onClick={onBack}>
        {say.backToTheStrokes}
      </button>
      <button form={FORM_ID} className="btn btn-primary">
        {say.writeItIntoTheLog}
      </button>
    </ActionRow>
  );
}

/** What the edge passes at the end, or what a force tester reads. */
function EndTest(props: { chosen: EdgeTest['test']; onTest: (reading: EdgeTest) => void }) {
  const { chosen, onTest } = props;
  return (
    <>
      <TestChoice
        legend={say.finestTestAtTheEnd}
        chosen={chosen}
        onChoose={(test) => onTest(passedTest(test))}
      />
      <GramsField expectedG={null} onGrams={(grams) => onTest(readGrams(grams))} />
    </>
  );
}

/** An arc that was left between two of its facets. */
function HalfAnArc() {
  return <p className="border-l-4 border-neutral pl-4">{say.arcGroundInPart}</p>;
}

/** What becomes of the facet that a narrow band has left. */
function FacetLeft(props: {
  facet: NonNullable<Zone['facet']>;
  chosen: FacetChoice;
  onChoose: (choice: FacetChoice) => void;
}) {
  const { facet, chosen, onChoose } = props;
  return (
    <div>
      <Choice
        legend={say.itHasLeftAFacet(facet.faceWidthMm, facet.angleDeg)}
        options={[
          ['blend it next time', say.blendItNextTime],
          ['keep it as a micro-bevel', say.keepItAsAMicro],
        ]}
        chosen={chosen}
        onChoose={onChoose}
      />
      <p className="mt-1 text-[0.95rem] text-soft">{say.theDrawingAndTheNext}</p>
    </div>
  );
}

function withFacet(zoneAfter: Zone, choice: FacetChoice): Zone {
  return choice === 'blend it next time' ? zoneAfter : withKeptFacet(zoneAfter);
}

/** What was found before, each ticked while it is still to be seen. */
function StillSeen(props: {
  before: readonly Finding[];
  zone: Zone;
  remaining: readonly Finding[];
  onChange: (remaining: Finding[]) => void;
}) {
  const { before, zone, remaining, onChange } = props;
  return (
    <fieldset>
      <legend className="font-semibold">{say.stillToBeSeen}</legend>
      {before.map((finding) => (
        <label key={`${finding.kind}${finding.atMm}`} className="flex min-h-12 items-center gap-3">
          <input
            type="checkbox"
            className="checkbox"
            checked={remaining.some((kept) => isSame(kept, finding))}
            onChange={(event) =>
              onChange(
                event.target.checked
                  ? [...remaining, finding]
                  : remaining.filter((kept) => !isSame(kept, finding)),
              )
            }
          />

          {say.findingFromHeel(
            spoken(finding.kind),
            finding.atMm - zone.startMm,
            depthLeftMm(remaining, finding),
          )}
        </label>
      ))}
    </fieldset>
  );
}

/** A finding of before and the same one as it is left. */
function isSame(a: Finding, b: Finding): boolean {
  return a.kind === b.kind && a.atMm === b.atMm;
}

function depthLeftMm(remaining: readonly Finding[], finding: Finding): number {
  return remaining.find((kept) => isSame(kept, finding))?.depthMm ?? 0;
}
