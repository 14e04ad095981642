'use client';

import { LabLink } from './LabLink';
import { spoken } from './words/closedWords';
import { uiPartsWords as say } from './words/partsWords';
import { useState } from 'react';
import {
  diagnose,
  SYMPTOM_IDS,
  type AngleAdvice,
  type Diagnosis,
  type SymptomId,
} from '../core/inspection';
import { toolForm } from '../core/ladder';
import type { Observation } from '../domain/session';
import type { Tool, Zone } from '../domain/tool';
import { sentence } from './format';
import { Said } from './Term';
import { SYMPTOM_WORDS } from './words/symptomWords';

/** What else is seen or felt, its cause, and the remedy in the measures of this tool. */
export function DiagnosisPanel(props: {
  tool: Tool;
  zone: Zone;
  seen: Observation;
  coinThicknessMm: number;
  /** Symptoms that the screen itself has noticed. */
  noticed?: readonly SymptomId[];
  /** What the log says of the angle, where the screen knows it. */
  advice?: AngleAdvice;
  /** Where the screen notes an edge that is sharp and yet cuts poorly. */
  onWedges?: (wedges: boolean) => void;
}) {
  const { tool, zone, seen, coinThicknessMm, noticed = [], advice, onWedges } = props;
  const [ticked, setTicked] = useState<SymptomId[]>([]);
  const symptomIds = [...new Set([...ticked, ...noticed, ...symptomsSeen(seen)])];
  const notes = (id: SymptomId): boolean => id === 'wedges' && onWedges !== undefined;
  const isOwn = (id: SymptomId): boolean => ticked.includes(id) || notes(id);
  const tick = (id: SymptomId, isTicked: boolean): void => {
    if (notes(id)) onWedges!(isTicked);
    else setTicked(isTicked ? [...ticked, id] : ticked.filter((other) => other !== id));
  };
  const found = diagnose({ symptomIds, tool, zone, coinThicknessMm, advice });
  return (
    <section className="mt-6">
      <h2>{say.whatItTellsYou}</h2>
      {found.map((diagnosis) => (
        <div key={diagnosis.id} className="border-b border-rule py-2">
          <p className="font-semibold">{sentence(SYMPTOM_WORDS[diagnosis.id].seen)}</p>
          <p>
            <Said>
              {`${sentence(SYMPTOM_WORDS[diagnosis.id].cause)}: ${SYMPTOM_WORDS[diagnosis.id].remedy}${turnInWords(diagnosis, toolForm(tool.kind) === 'knife')}.`}
            </Said>
          </p>
        </div>
      ))}
      {found.length > 0 && <LabLink toolId={tool.id} zoneId={zone.id} question="low-high" />}
      <details className="mt-2">
        <summary className="inline-flex min-h-12 cursor-pointer items-center font-semibold underline underline-offset-4">
          {say.whatElseDoYouSee}
        </summary>
        <div className="grid sm:grid-cols-2">
          {SYMPTOM_IDS.map((id) => (
            <label key={id} className="flex min-h-12 items-center gap-3">
              <input
                type="checkbox"
                className="checkbox"
                checked={symptomIds.includes(id)}
                disabled={!isOwn(id) && symptomIds.includes(id)}
                onChange={(event) => tick(id, event.target.checked)}
              />
              {SYMPTOM_WORDS[id].seen}
            </label>
          ))}
        </div>
      </details>
    </section>
  );
}

/** Symptoms that the findings and tests themselves show. */
function symptomsSeen({ findings, tests }: Observation): SymptomId[] {
  const ids: SymptomId[] = [];
  for (const { kind, cause, band } of findings) {
    if (kind === 'ink-left') ids.push(band === 'shoulder' ? 'ink-gone-apex' : 'ink-at-edge');
    if (kind === 'wedges') ids.push('wedges');
    if (kind === 'roll') ids.push('rolled');
    if (kind === 'burr') ids.push('burr-in-places');
    if (kind === 'chip' && cause === 'work') ids.push('chips-from-work');
    if (kind === 'chip' && cause === 'misuse') ids.push('chips-from-misuse');
    if (kind === 'chip' && cause === 'factory') ids.push('new-chips');
    if (kind === 'glint' && band !== null && band !== 'shoulder') ids.push('dull-band');
  }
  if (tests.some(({ shaves }) => shaves === 'one way')) ids.push('shaves-one-way');
  return ids;
}

function turnInWords({ turnDeg, liftMm, coins }: Diagnosis, isKnife: boolean): string {
  if (liftMm === null || turnDeg === 0) return '';
  const way = turnDeg > 0 ? 'up' : 'down';
  const what = isKnife ? say.theSpine : say.backEndOfStone;
  return `, ${say.turnByCoins(Math.abs(turnDeg), what, Math.abs(liftMm), spoken(way), coins)}`;
}
