'use client';

import { sentence } from '../../ui/format';
import { familyName } from '../../ui/words/familyName';
import { shelfWords as say } from './words';
import { FAMILIES, type AbrasiveFamily } from '../../domain/families';
import { useState } from 'react';
import type { RackRound, ThingWorth } from '../../core/kit';
import type { LadderStone } from '../../core/ladder';
import { ABRASIVE_FORMS, type AbrasiveForm } from '../../domain/terms';
import { useJob, startCandidateWorth } from '../../live';
import { LimitedNumberField, SelectField, wordOptions } from '../../ui/forms/fields';
import { um } from '../../ui/format';
import { spoken } from '../../ui/words/closedWords';

const OFFERED = [
  'diamond',
  'ceramic',
  'water-stone',
  'sic',
  'alumina',
  'novaculite',
  'file',
] as const satisfies readonly AbrasiveFamily[];
const FORMS = ABRASIVE_FORMS.filter((form) => form !== 'pull-through' && form !== 'steel');
/** Length of the surface by form (mm), where nobody has it in the hand to measure. */
const USUAL_LENGTH_MM: Partial<Record<AbrasiveForm, number>> = { 'bench-stone': 200, file: 200 };

/** What a stone that is not bought yet would bring. */
export function Candidate({ problem }: { problem: RackRound }) {
  const [sizeUm, setSizeUm] = useState(25);
  const [family, setFamily] = useState<AbrasiveFamily>('diamond');
  const [form, setForm] = useState<AbrasiveForm>('plate');
  const stone: LadderStone = {
    kind: 'stone',
    id: 'candidate',
    name: 'candidate',
    family,
    form,
    sizeUm,
    lengthMm: USUAL_LENGTH_MM[form] ?? 90,
    widthMm: form === 'rod' ? 6 : 50,
    dishMm: 0,
    state: 'normal',
    lubricant: FAMILIES[family].soaks ? 'water' : 'dry',
    soakMl: 0,
    held: null,
  };
  const [state] = useJob({ problem, stone }, startCandidate);
  return (
    <section aria-label={say.whatWouldItBring}>
      <h3>{say.whatWouldAnotherBring}</h3>
      <div className="mt-2 grid gap-4 sm:grid-cols-3 lg:grid-cols-1 xl:grid-cols-3">
        <LimitedNumberField
          label={say.size}
          unit="µm"
          min={0.5}
          max={400}
          value={sizeUm}
          onValue={setSizeUm}
        />
        <SelectField
          label={say.abrasive}
          value={family}
          options={OFFERED.map((each) => [each, sentence(familyName(each))] as const)}
          onChange={(event) => setFamily(event.target.value as AbrasiveFamily)}
        />
        <SelectField
          label={say.form}
          value={form}
          options={wordOptions(FORMS)}
          onChange={(event) => setForm(event.target.value as AbrasiveForm)}
        />
      </div>
      <p role="status" className="mt-3 min-h-16 text-lg">
        {state.phase === 'done'
          ? bringsWords(`A ${um(sizeUm)} ${familyName(family)} ${spoken(form)}`, state.answer)
          : state.phase === 'failed'
            ? say.itCouldNotBeCounted(state.error.message)
            : say.counting}
      </p>
    </section>
  );
}

function startCandidate({ problem, stone }: { problem: RackRound; stone: LadderStone }) {
  return startCandidateWorth(problem, stone);
}

function bringsWords(
  what: string,
  { savesMinutes, usedFor, onlyFor, keenerOn }: ThingWorth,
): string {
  if (usedFor.length === 0) return say.wouldBringNothingNoPlan(what);
  const saves =
    savesMinutes >= 0.05
      ? say.wouldSaveOver(savesMinutes, usedFor.length)
      : say.wouldServeEdges(usedFor.length);
  return say.wouldBring(what, saves, onlyFor, keenerOn.length);
}
