'use client';

import { inspectWords as say } from './words/inspectWords';
import type { Finding } from '../../domain/session';
import { BANDS, CAUSES, SIDES } from '../../domain/terms';
import type { Zone } from '../../domain/tool';
import { Choice } from '../../ui/Choice';
import { DepthChoice } from '../../ui/DepthChoice';
import { placeMm } from '../../ui/format';
import { spoken, type ClosedWord } from '../../ui/words/closedWords';
import { CAUSE_WORDS } from '../../ui/words/causeWords';

/** Size, side, band and cause of one finding, all by tapping. */
export function FindingEditor(props: {
  finding: Finding;
  zone: Zone;
  onChange: (finding: Finding) => void;
  onRemove: () => void;
  onDone: () => void;
}) {
  const { finding, zone, onChange, onRemove, onDone } = props;
  const sized =
    finding.kind === 'chip' || finding.kind === 'roll' || finding.kind === 'out-of-true';
  const sided = finding.kind === 'burr' || finding.kind === 'roll';
  const names = <W extends ClosedWord>(words: readonly W[]) =>
    words.map((word) => [word, spoken(word)] as const);
  return (
    <section
      aria-label={say.findingAt(spoken(finding.kind), placeMm(finding.atMm))}
      className="mt-4 grid gap-3 border-y-2 border-rule py-4"
    >
      <h2>{say.fromTheHeel(spoken(finding.kind), finding.atMm - zone.startMm)}</h2>
      {sized && (
        <DepthChoice
          legend={say.depthAbout}
          depthMm={finding.depthMm}
          onChoose={(depthMm) => onChange({ ...finding, depthMm })}
        />
      )}
      {sided && (
        <Choice
          legend={say.onWhichSideItStands}
          options={names(SIDES)}
          chosen={finding.side}
          onChoose={(side) => onChange({ ...finding, side: side as Finding['side'] })}
        />
      )}
      <Choice
        legend={say.acrossTheBevel}
        options={names(BANDS)}
        chosen={finding.band}
        onChoose={(band) => onChange({ ...finding, band: band as Finding['band'] })}
        onClear={() => onChange({ ...finding, band: null })}
      />
      <Choice
        legend={say.whatDidIt}
        options={CAUSES.map((cause) => [cause, CAUSE_WORDS[cause]] as const)}
        chosen={finding.cause}
        onChoose={(cause) => onChange({ ...finding, cause })}
      />
      <label className="flex min-h-12 items-center gap-3">
        <input
          type="checkbox"
          className="checkbox"
          checked={finding.leftOnPurpose}
          onChange={(event) => onChange({ ...finding, leftOnPurpose: event.target.checked })}
        />
        {say.leftOnPurpose}
      </label>
      <div className="flex gap-3">
        <button type="button" className="btn btn-neutral" onClick={onDone}>
          {say.done}
        </button>
        <button type="button" className="btn btn-ghost" onClick={onRemove}>
          {say.takeItOffTheStrip}
        </button>
      </div>
    </section>
  );
}
