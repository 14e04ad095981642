'use client';

import { useState } from 'react';
import type { EdgeNeed } from '../../core';
import { edgeName } from '../../domain/edgeName';
import { ActionBar } from '../../ui/ActionBar';
import { MeasureField } from '../../ui/forms/MeasureField';
import { InstrumentFrame } from '../../ui/InstrumentFrame';
import { PressedRow } from '../../ui/PressedRow';
import { photoWords as say } from '../../ui/words/photoWords';
import { titles } from '../../ui/words/titleWords';
import { PhotoFigures } from './PhotoFigures';
import { MARKS, photoMeasures } from './photoMeasures';
import { PhotoStage } from './PhotoStage';
import { usePhoto, type Photo } from './usePhoto';
import { usePhotoKeeps } from './usePhotoKeeps';

const USUAL_COIN_MM = 24;
const USUAL_HEIGHT_MM = 1;

/** One edge on a photo: taps on a coin give the scale, taps on the tool its measures, each where it belongs. */
export function PhotoMeasure({ need }: { need: EdgeNeed }) {
  const photo = usePhoto();
  const keeps = usePhotoKeeps(need);
  const [coinMm, setCoinMm] = useState(USUAL_COIN_MM);
  const [heightMm, setHeightMm] = useState(USUAL_HEIGHT_MM);
  const { picture, marks, mark } = photo;
  const { tool, zone } = need;
  const name = edgeName(tool, zone);
  const found = photoMeasures({ marks, coinDiameterMm: coinMm, heightErrorMm: heightMm, zone });
  return (
    <InstrumentFrame
      tab={titles.photo(name)}
      title={say.title(name)}
      toolId={tool.id}
      isWide
      bar={<PhotoBar photo={photo} />}
    >
      {!picture && (
        <>
          <p>{say.intro}</p>
          <p role="alert" className="min-h-7">
            {photo.isUnreadable && say.notRead}
          </p>
        </>
      )}
      <div className="grid max-w-md grid-cols-2 gap-3">
        <MeasureField
          label={say.coinField}
          quantity="length"
          value={coinMm}
          onValue={(value) => value > 0 && setCoinMm(value)}
        />
        <MeasureField
          label={say.heightField}
          quantity="length"
          value={heightMm}
          onValue={(value) => value >= 0 && setHeightMm(value)}
        />
      </div>
      {picture && (
        <>
          <p className="mt-2">{say.how[mark]}</p>
          <PhotoStage
            picture={picture}
            marks={marks}
            mark={mark}
            rim={found.rim}
            onTap={photo.tap}
            onMove={photo.move}
          />
          <p className="text-[0.92rem] text-soft">{say.keys}</p>
          <PhotoFigures found={found} need={need} keeps={keeps} />
        </>
      )}
    </InstrumentFrame>
  );
}

/** What is marked next, at the thumb; before a photo, where it comes from. */
function PhotoBar({ photo }: { photo: Photo }) {
  const { picture, mark, choose, undo, leave, makeUp, take, marks } = photo;
  return (
    <ActionBar>
      <div className="mx-auto grid max-w-4xl gap-2 px-4 py-2 sm:px-8">
        {picture ? (
          <>
            <PressedRow
              label={say.mark}
              options={MARKS.map((each) => [each, say.marks[each]] as const)}
              chosen={mark}
              onChoose={choose}
            />
            <div className="grid grid-cols-2 gap-2">
              <button
                type="button"
                className="btn btn-outline"
                disabled={marks[mark].length === 0}
                onClick={undo}
              >
                {say.undo}
              </button>
              <button type="button" className="btn btn-outline" onClick={leave}>
                {say.another}
              </button>
            </div>
          </>
        ) : (
          <div className="grid grid-cols-2 gap-2">
            <button type="button" className="btn btn-outline" onClick={makeUp}>
              {say.madeUp}
            </button>
            <label className="btn btn-primary focus-within:outline-2">
              {say.take}
              <input
                type="file"
                accept="image/*"
                className="sr-only"
                onChange={({ target }) => target.files?.[0] && void take(target.files[0])}
              />
            </label>
          </div>
        )}
      </div>
    </ActionBar>
  );
}
