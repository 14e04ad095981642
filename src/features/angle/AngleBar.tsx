import { TILT_ZEROS } from '../../core';
import { ActionBar } from '../../ui/ActionBar';
import { BeginWithPhone } from '../../ui/BeginWithPhone';
import { deg } from '../../ui/format';
import { PressedRow } from '../../ui/PressedRow';
import { angleWords as say } from '../../ui/words/angleByPhoneWords';
import type { AngleFinder } from './useAngleFinder';

/** What can be done next, at the thumb: begin, take the nought, keep the angle. */
export function AngleBar({ finder, onKeep }: { finder: AngleFinder; onKeep: () => void }) {
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
