'use client';

import { edgeHold } from '../../core/hold';
import type { EdgeNeed } from '../../core/inspection';
import { withMeasuredAngle, type TiltAngle, TILT_ZEROS } from '../../core/measure';
import { edgeName } from '../../domain/edgeName';
import type { Settings } from '../../domain/settings';
import { deg } from '../../ui/format';
import Link from '../../ui/Link';
import { toolLink } from '../../ui/links';
import { HoldDrawing } from '../../ui/section/HoldDrawing';
import { InstrumentFrame } from '../../ui/InstrumentFrame';
import { angleWords as say, LOST_LEVEL } from './words';
import { titles } from '../../ui/words/titleWords';
import { FoundAngle, Until } from './FoundAngle';
import { useAngleFinder, type AngleFinder } from './useAngleFinder';
import { stampNow } from '../../domain/clock';
import { useStore, useUndoable } from '../../live';
import { ActionBar } from '../../ui/ActionBar';
import { BeginWithPhone } from '../../ui/BeginWithPhone';
import { PressedRow } from '../../ui/PressedRow';

/** A phone on a narrower blade slides off. */
const NARROW_MM = 25;

/** One edge's angle by a phone's level: nought on the stone, then how far the blade stands over it. */
export function AngleByPhone({ need, settings }: { need: EdgeNeed; settings: Settings }) {
  const { tool, zone } = need;
  const { coinThicknessMm } = settings;
  const finder = useAngleFinder(need);
  const keep = useKeepAngle(need);
  const { tilt, found, refused, isStill } = finder;
  const name = edgeName(tool, zone);
  const stands = tilt.phase === 'on' && tilt.isZeroed ? found : null;
  return (
    <InstrumentFrame
      tab={titles.angle(name)}
      title={say.title(name)}
      toolId={tool.id}
      bar={<AngleBar finder={finder} onKeep={() => found && void keep(found)} />}
    >
      {tilt.phase === 'on' ? (
        <FoundAngle finder={finder} />
      ) : (
        <BeforeItIsOn finder={finder} need={need} />
      )}
      {stands && !refused && (
        <HoldDrawing
          tool={tool}
          zone={zone}
          hold={edgeHold({ tool, zone, coinThicknessMm }, Math.round(10 * stands.angleDeg) / 10)}
          coinThicknessMm={coinThicknessMm}
        />
      )}
      {stands && refused && isStill && <p role="alert">{say.refused[refused]}</p>}
      <Until zone={zone} />
    </InstrumentFrame>
  );
}

/** How to lay blade and phone; and what there is where no level answers. */
function BeforeItIsOn({ finder, need: { tool } }: { finder: AngleFinder; need: EdgeNeed }) {
  const { phase } = finder.tilt;
  return (
    <>
      <p className="mt-1">{say.intro}</p>
      {tool.bladeWidthMm < NARROW_MM && (
        <p className="mt-2 font-semibold">{say.narrow(tool.bladeWidthMm)}</p>
      )}
      <p role="status" className="mt-2 min-h-7">
        {phase === 'opening' && say.opening}
        {phase !== 'off' && phase !== 'opening' && phase !== 'on' && (
          <>
            {LOST_LEVEL[phase]} {say.noSensor}{' '}
            <Link href={toolLink(tool.id)} className="link">
              {say.others}
            </Link>
          </>
        )}
      </p>
    </>
  );
}

/** Writes a measured angle into its tool, with the way to take it back. */
function useKeepAngle({ tool, zone }: EdgeNeed): (found: TiltAngle) => Promise<void> {
  const store = useStore();
  const undoable = useUndoable();
  return async (found) => {
    const kept = await store.tools.get(tool.id);
    if (!kept) return;
    const after = withMeasuredAngle(
      kept,
      zone.id,
      { ...found, method: 'tilt', of: 'apex' },
      stampNow(),
    );
    await undoable(say.kept(found.angleDeg, edgeName(tool, zone)), [
      { store: 'tools', id: tool.id, before: kept, after },
    ]);
  };
}

/** What can be done next, at the thumb: begin, take the nought, keep the angle. */
function AngleBar({ finder, onKeep }: { finder: AngleFinder; onKeep: () => void }) {
  const { tilt } = finder;
  const isOn = tilt.phase === 'on';
  return (
    <ActionBar>
      <div className="mx-auto grid max-w-2xl grid-cols-2 gap-2 px-4 py-2 sm:px-8">
        {!isOn && (
          <BeginWithPhone
            device={say.startDevice}
            simulated={say.startSimulated}
            onBegin={finder.begin}
          />
        )}
        {isOn && !tilt.isZeroed && <TakeZero finder={finder} />}
        {isOn && tilt.isZeroed && <Keep finder={finder} onKeep={onKeep} />}
      </div>
    </ActionBar>
  );
}

function TakeZero({ finder }: { finder: AngleFinder }) {
  const { zero, isStill, chooseZero, takeZero } = finder;
  return (
    <>
      <PressedRow
        label={say.zeroOn}
        options={TILT_ZEROS.map((each) => [each, say.zeros[each]] as const)}
        chosen={zero}
        onChoose={chooseZero}
        className="col-span-2"
      />
      <button
        type="button"
        className="btn btn-primary col-span-2"
        disabled={!isStill}
        onClick={takeZero}
      >
        {say.zeroHere}
      </button>
    </>
  );
}

function Keep({ finder, onKeep }: { finder: AngleFinder; onKeep: () => void }) {
  const { found, refused, isStill, first, zeroAgain, turn } = finder;
  return (
    <>
      <button type="button" className="btn btn-outline" onClick={zeroAgain}>
        {say.zeroAgain}
      </button>
      <button
        type="button"
        className="btn btn-outline"
        disabled={!isStill || first !== null}
        onClick={turn}
      >
        {say.turn}
      </button>
      <button
        type="button"
        className="btn btn-primary col-span-2"
        disabled={!isStill || !found || refused !== null}
        onClick={onKeep}
      >
        {say.keep(found ? deg(found.angleDeg) : '')}
      </button>
    </>
  );
}
