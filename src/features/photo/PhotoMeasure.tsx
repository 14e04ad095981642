'use client';

import { useCallback, useMemo, useRef, type ReactNode } from 'react';
import type { EdgeNeed } from '../../core/inspection';
import type { Glint, PhotoPoint } from '../../core/measure';
import { edgeName } from '../../domain/edgeName';
import type { Photo as KeptPhoto } from '../../domain/photo';
import type { Zone } from '../../domain/tool';
import { fineMm, mm } from '../../ui/format';
import { MeasureField } from '../../ui/forms/MeasureField';
import { LeftHere } from '../../ui/LeftHere';
import { InstrumentFrame } from '../../ui/InstrumentFrame';
import { photoWords as say } from './words';
import { titles } from '../../ui/words/titleWords';
import { CameraView } from './CameraView';
import { FoundStrip } from './FoundStrip';
import { KeepPhoto } from './KeepPhoto';
import { PhotoBar } from './PhotoBar';
import { GlintFigures, PhotoFigures } from './PhotoFigures';
import { photoMeasures, photoScale, scaleOf, type PhotoMeasures } from './photoMeasures';
import type { Plates } from './PhotoMarks';
import { PhotoStage } from './PhotoStage';
import { PointWalk } from './PointWalk';
import { frameOf } from './picture';
import { TracedFigure } from './TracedFigure';
import { useCamera, type Camera } from './useCamera';
import { usePhoto, type Photo } from './usePhoto';
import { usePhotoKeeps } from './usePhotoKeeps';

/** One edge on a photo: taps on a coin give the scale, taps on the tool its measures, each where it belongs. */
export function PhotoMeasure({ need, kept }: { need: EdgeNeed; kept: KeptPhoto | null }) {
  const photo = usePhoto(need, kept);
  const camera = useCamera();
  const video = useRef<HTMLVideoElement>(null);
  const { picture, marks, lines, sizes, resize } = photo;
  const { heightMm } = sizes;
  const { tool, zone } = need;
  const name = edgeName(tool, zone);
  const rule = useMemo(() => scaleOf(marks, lines.rim, sizes), [marks, lines.rim, sizes]);
  const found = useMemo(
    () => photoMeasures({ marks, lines, scale: rule, heightErrorMm: heightMm, zone }),
    [marks, lines, rule, heightMm, zone],
  );
  const onVideo = useCallback((shown: HTMLVideoElement | null) => {
    video.current = shown;
  }, []);
  const shoot = async (): Promise<void> => {
    const frame = video.current && (await frameOf(video.current));
    camera.close();
    if (frame) await photo.take(frame);
  };
  const fields = (
    <div className="mt-3 grid grid-cols-2 gap-3 sm:grid-cols-3">
      <MeasureField
        label={say.coinField}
        quantity="length"
        value={sizes.coinMm}
        onValue={(value) => value > 0 && resize({ coinMm: value })}
      />
      <MeasureField
        label={say.ruleField}
        quantity="length"
        value={sizes.ruleMm}
        onValue={(value) => value > 0 && resize({ ruleMm: value })}
      />
      <MeasureField
        label={say.heightField}
        quantity="length"
        value={heightMm}
        onValue={(value) => value >= 0 && resize({ heightMm: value })}
      />
    </div>
  );
  if (photo.isReading) return null;
  return (
    <InstrumentFrame
      tab={titles.photo(name)}
      title={say.title(name)}
      toolId={tool.id}
      isWide
      bar={<PhotoBar photo={photo} camera={camera} onShoot={() => void shoot()} />}
    >
      {picture ? (
        <Measured
          photo={photo}
          found={found}
          acrossMm={rule?.coinDiameterMm ?? sizes.coinMm}
          need={need}
        >
          {fields}
        </Measured>
      ) : (
        <>
          <Before photo={photo} camera={camera} onVideo={onVideo} />
          {fields}
        </>
      )}
    </InstrumentFrame>
  );
}

/** Before there is a photo: how to take it, and what the camera shows or why it does not. */
function Before(props: {
  photo: Photo;
  camera: Camera;
  onVideo: (video: HTMLVideoElement | null) => void;
}) {
  const { photo, camera, onVideo } = props;
  const { state, stream } = camera;
  return (
    <>
      <p>{say.intro}</p>
      {stream && <CameraView stream={stream} onVideo={onVideo} />}
      <p role="alert" className="min-h-7">
        {photo.isUnreadable && say.notRead}
        {!photo.isUnreadable && say.cameraLost(state)}
      </p>
    </>
  );
}

function Measured(props: {
  photo: Photo;
  found: PhotoMeasures;
  /** How far across it is what gives the scale. */
  acrossMm: number;
  need: EdgeNeed;
  children: ReactNode;
}) {
  const { photo, found, acrossMm, need, children } = props;
  const { marks, mark, lines, glints, isFollowing } = photo;
  const keeps = usePhotoKeeps(need, photo.done);
  const { rim } = found;
  const scale = photoScale(rim, acrossMm, lines.edge ?? marks.edge);
  const { edge } = lines;
  const shining = scale && edge && glints ? glints : [];
  const onTool = shining.map((own) => placed(own, found.edge?.mm ?? 1, need.zone));
  return (
    <div className="grid gap-x-8 lg:grid-cols-[1.7fr_1fr]">
      <div>
        <LeftHere at={photo.leftAt} onAnew={photo.leave} />
        <p className="min-h-18 sm:min-h-12">{say.how[mark]}</p>
        <PhotoStage
          picture={photo.picture!}
          marks={marks}
          lines={lines}
          glints={shining.map((own) => stretchOf(edge!, own, scale!.pxPerMm))}
          taps={photo}
          rim={rim}
          pxPerMm={scale?.pxPerMm ?? null}
          plates={platesOf(found)}
        />
        <div className="flex flex-col-reverse gap-x-4 sm:flex-row">
          <p role="status" className="min-h-11 flex-1 text-[0.92rem] text-soft">
            {isFollowing && say.following}
            {!isFollowing && (
              <>
                <span className="pointer-coarse:hidden">{say.keys}</span>
                <span className="hidden pointer-coarse:inline">{say.byThumb}</span>
              </>
            )}
          </p>
          <PointWalk photo={photo} />
        </div>
        <FoundStrip need={need} found={found} glints={onTool} />
      </div>
      {/* Nothing is let go that may be another figure in a moment. */}
      <fieldset disabled={isFollowing} className="min-w-0">
        <PhotoFigures found={found} need={need} keeps={keeps}>
          {scale && found.edge && (
            <GlintFigures photo={photo} pxPerMm={scale.pxPerMm} glints={onTool} keeps={keeps} />
          )}
          {rim && (
            <TracedFigure
              marks={marks}
              lines={lines}
              rim={rim}
              coinDiameterMm={acrossMm}
              need={need}
              keeps={keeps}
            />
          )}
        </PhotoFigures>
        {children}
        <KeepPhoto
          picture={photo.picture!}
          scale={scale}
          need={need}
          lookId={keeps.lookId}
          onKept={photo.done}
        />
      </fieldset>
    </div>
  );
}

/** What the marks come to, said beside them. */
function platesOf({ edge, bevel, chip, spine }: PhotoMeasures): Plates {
  return {
    edge: edge ? `${say.edge} ${mm(edge.mm)}` : undefined,
    bevel: bevel ? `${say.marks.bevel} ${fineMm(bevel.mm)}` : undefined,
    chip: chip ? `${say.marks.chip} ${fineMm(chip.mm)}` : undefined,
    spine: spine ? `${say.marks.spine} ${fineMm(spine.mm)}` : undefined,
  };
}

/** A stretch of the photo's edge on the tool's: that is as long as its record says, and places are shares of it. */
function placed({ fromMm, toMm }: Glint, edgeMm: number, { startMm, endMm }: Zone): Glint {
  const place = (mm: number): number => startMm + Math.min(1, mm / edgeMm) * (endMm - startMm);
  return { fromMm: place(fromMm), toMm: place(toMm) };
}

/** The part of a line between two distances along it. */
function stretchOf(
  line: readonly PhotoPoint[],
  { fromMm, toMm }: { fromMm: number; toMm: number },
  pxPerMm: number,
): PhotoPoint[] {
  let walked = 0;
  return line.filter((point, i) => {
    const last = line[i - 1] ?? point;
    walked += Math.hypot(point.x - last.x, point.y - last.y);
    return walked >= fromMm * pxPerMm && walked <= toMm * pxPerMm;
  });
}
