'use client';

import { edgeHold, type EdgeNeed } from '../../core';
import { edgeName } from '../../domain/edgeName';
import type { Settings } from '../../domain/settings';
import { mm } from '../../ui/format';
import Link from '../../ui/Link';
import { toolLink } from '../../ui/links';
import { HoldDrawing } from '../../ui/section/HoldDrawing';
import { InstrumentFrame } from '../../ui/InstrumentFrame';
import { angleWords as say, LOST_LEVEL } from '../../ui/words/angleByPhoneWords';
import { titles } from '../../ui/words/titleWords';
import { AngleBar } from './AngleBar';
import { FoundAngle, Until } from './FoundAngle';
import { useAngleFinder, type AngleFinder } from './useAngleFinder';
import { useKeepAngle } from './useKeepAngle';

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
        <p className="mt-2 font-semibold">{say.narrow(mm(tool.bladeWidthMm))}</p>
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
