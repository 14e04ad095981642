import { TILT_ZEROS } from '../../core';
import { PHONE_MOTION } from '../../instruments';
import { ActionBar } from '../../ui/ActionBar';
import { deg } from '../../ui/format';
import { angleWords as say } from '../../ui/words/angleByPhoneWords';
import type { AngleFinder } from './useAngleFinder';

/** What can be done next, at the thumb: begin, take the nought, keep the angle. */
export function AngleBar({ finder, onKeep }: { finder: AngleFinder; onKeep: () => void }) {
  const { tilt } = finder;
  const isOn = tilt.phase === 'on';
  return (
    <ActionBar>
      <div className="mx-auto grid max-w-2xl grid-cols-2 gap-2 px-4 py-2 sm:px-8">
        {!isOn && <Begin finder={finder} />}
        {isOn && !tilt.isZeroed && <TakeZero finder={finder} />}
        {isOn && tilt.isZeroed && <Keep finder={finder} onKeep={onKeep} />}
      </div>
    </ActionBar>
  );
}

function Begin({ finder }: { finder: AngleFinder }) {
  return (
    <>
      <button type="button" className="btn btn-outline" onClick={() => finder.begin('simulated')}>
        {say.startSimulated}
      </button>
      <button
        type="button"
        className="btn btn-primary"
        disabled={!PHONE_MOTION.isHere()}
        onClick={() => finder.begin('device')}
      >
        {say.startDevice}
      </button>
    </>
  );
}

function TakeZero({ finder }: { finder: AngleFinder }) {
  const { zero, isStill, chooseZero, takeZero } = finder;
  return (
    <>
      <div role="group" aria-label={say.zeroOn} className="col-span-2 grid grid-cols-2 gap-2">
        {TILT_ZEROS.map((each) => (
          <button
            key={each}
            type="button"
            aria-pressed={each === zero}
            className={`btn ${each === zero ? 'btn-neutral' : 'btn-outline'}`}
            onClick={() => chooseZero(each)}
          >
            {say.zeros[each]}
          </button>
        ))}
      </div>
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
