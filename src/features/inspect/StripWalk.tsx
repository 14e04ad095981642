'use client';

import { inspectWords as say } from './words/inspectWords';
import { useState } from 'react';
import type { EdgeWord } from '../../core/inspection';
import { toolForm } from '../../core/ladder';
import type { Finding } from '../../domain/session';
import { finding } from '../../domain/observation';
import { FINDING_KINDS, type FindingKind } from '../../domain/terms';
import type { Tool, Zone } from '../../domain/tool';
import { Choice } from '../../ui/Choice';
import { EdgeStrip } from '../../ui/edge-strip/EdgeStrip';
import { chipDepth, placeMm, sentence } from '../../ui/format';
import { spoken } from '../../ui/words/closedWords';
import { LimitedMeasureField } from '../../ui/forms/MeasureField';
import { FORM_WORDS } from '../../ui/words/formWords';
import { KINDS } from '../../domain/kinds';

/** Size a finding starts with, in mm of depth. */
const STARTING_DEPTH_MM: Partial<Record<FindingKind, number>> = {
  chip: 0.1,
  roll: 0.05,
  'out-of-true': 0.2,
};

const isOfTip = (kind: FindingKind): boolean => kind === 'blunted-tip' || kind === 'bent-tip';

/** What can be found on a strip: a tip only where there is one; what wedges does so as a whole. */
function kindsOn(tool: Tool): FindingKind[] {
  const hasTip = toolForm(tool.kind) !== 'axe';
  return FINDING_KINDS.filter((kind) => kind !== 'wedges' && (hasTip || !isOfTip(kind)));
}

/** The strip of one zone, heel to tip: choose what you see, tap where you see it. */
export function StripWalk(props: {
  tool: Tool;
  zone: Zone;
  word: EdgeWord;
  findings: readonly Finding[];
  selected: number | null;
  onSelect: (index: number) => void;
  onAdd: (found: Finding) => void;
}) {
  const { tool, zone, word, findings, selected, onSelect, onAdd } = props;
  const [kind, setKind] = useState<FindingKind>('chip');
  const [atMm, setAtMm] = useState(Math.round((zone.startMm + zone.endMm) / 2));
  const add = (tappedMm: number): void =>
    onAdd(
      finding(
        kind,
        isOfTip(kind) ? zone.endMm : Math.round(tappedMm * 2) / 2,
        STARTING_DEPTH_MM[kind] ?? 0,
        {
          cause: zone.noImpacts ? 'misuse' : 'unknown',
        },
      ),
    );
  const places = namedPlaces(tool, zone);
  return (
    <section aria-label={say.walkTheStrip} className="mt-3">
      <Choice
        legend={say.whatYouSee}
        isLegendHidden
        options={kindsOn(tool).map((each) => [each, spoken(each)] as const)}
        chosen={kind}
        onChoose={setKind}
      />
      <Strip zone={zone} word={word} findings={findings} places={places} onTap={add} />
      <div className="flex flex-wrap items-end gap-3">
        <p className="max-w-[34ch] text-soft">{say.tapWhereYouSee(spoken(kind))}</p>
        <div className="w-36">
          <LimitedMeasureField
            label={say.fromTheHeelField}
            quantity="length"
            min={zone.startMm}
            max={zone.endMm}
            value={atMm}
            onValue={setAtMm}
          />
        </div>
        <button type="button" className="btn btn-outline" onClick={() => add(atMm)}>
          {say.putItThere}
        </button>
        {places.map(({ name, atMm: placeMm }) => (
          <button key={name} type="button" className="btn btn-outline" onClick={() => add(placeMm)}>
            {say.atThe(name)}
          </button>
        ))}
      </div>
      {findings.length > 0 && (
        <ul className="mt-3 flex flex-wrap gap-2" aria-label={say.onTheStrip}>
          {findings.map((found, i) => (
            <li key={`${found.kind}${found.atMm}${i}`}>
              <FoundButton
                isSelected={selected === i}
                words={findingInWords(found, places)}
                onSelect={() => onSelect(i)}
              />
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

/** The strip itself: a tap says where. */
function Strip(props: {
  zone: Zone;
  word: EdgeWord;
  findings: readonly Finding[];
  places: readonly NamedPlace[];
  onTap: (atMm: number) => void;
}) {
  const { zone, word, findings, places, onTap } = props;
  const lengthMm = zone.endMm - zone.startMm;
  return (
    <div
      className="relative mt-2 cursor-crosshair py-5"
      data-testid="strip"
      onClick={(event) => {
        const box = event.currentTarget.getBoundingClientRect();
        const share = (event.clientX - box.left - 2) / (box.width - 4);
        onTap(zone.startMm + Math.min(1, Math.max(0, share)) * lengthMm);
      }}
    >
      <EdgeStrip
        edgeLengthMm={lengthMm}
        stretches={[
          {
            name: zone.name,
            startMm: 0,
            endMm: lengthMm,
            word,
            findings: findings.map((f) => ({ ...f, atMm: f.atMm - zone.startMm })),
          },
        ]}
        ends={[endWords(zone.startMm, places), endWords(zone.endMm, places)]}
      />
    </div>
  );
}

function FoundButton(props: { isSelected: boolean; words: string; onSelect: () => void }) {
  const { isSelected, words, onSelect } = props;
  return (
    <button
      type="button"
      aria-pressed={isSelected}
      className={`btn ${isSelected ? 'btn-neutral' : 'btn-outline'}`}
      onClick={onSelect}
    >
      {words}
    </button>
  );
}

function findingInWords(
  { kind, atMm, depthMm, leftOnPurpose }: Finding,
  places: readonly NamedPlace[],
): string {
  const size = depthMm > 0 ? `, ${chipDepth(depthMm)}` : '';
  return `${say.findingAt(sentence(spoken(kind)), placeInWords(atMm, places))}${size}${leftOnPurpose ? say.left : ''}`;
}

function endWords(atMm: number, places: readonly NamedPlace[]): string {
  const name = places.find((place) => place.atMm === atMm)?.name;
  return name ? `${name}, ${placeMm(atMm)}` : placeMm(atMm);
}

/** A place on the edge that has a name of its own. */
interface NamedPlace {
  name: string;
  atMm: number;
}

/** The named places that a zone reaches: the heel or plunge line, and the tip or toe. */
export function namedPlaces(tool: Tool, zone: Zone): NamedPlace[] {
  const [heel, tip] = FORM_WORDS[KINDS[tool.kind].form].ends;
  return [
    ...(zone.startMm === 0 ? [{ name: heel, atMm: 0 }] : []),
    ...(zone.endMm === tool.edgeLengthMm ? [{ name: tip, atMm: zone.endMm }] : []),
  ];
}

/** A place in words: by its name where it has one, else in mm from the heel. */
export function placeInWords(atMm: number, places: readonly NamedPlace[]): string {
  return places.find((place) => place.atMm === atMm)?.name ?? String(atMm);
}
