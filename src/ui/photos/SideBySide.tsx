'use client';

import { useState } from 'react';
import type { Photo } from '../../domain/photo';
import { day } from '../format';
import { photoKeptWords as say } from '../words/photoKeptWords';
import { isPlaced, photoMatrix, photoWindow } from './photoPlacement';

/** A mark of ten millimetres under each picture. */
const RULE_MM = 10;

/** Two pictures beside each other, the older first: at one scale and edge to edge where both were measured. */
export function SideBySide({ of, photos }: { of: string; photos: readonly Photo[] }) {
  const [asked, ask] = useState<readonly [string | null, string | null]>([null, null]);
  if (photos.length < 2) return null;
  const find = (id: string | null): Photo | undefined => photos.find((photo) => photo.id === id);
  const first = find(asked[0]) ?? photos.find(({ stage }) => stage === 'before') ?? photos[0]!;
  const last =
    find(asked[1]) ??
    photos.findLast(({ stage, id }) => stage === 'after' && id !== first.id) ??
    photos.findLast(({ id }) => id !== first.id)!;
  const shown = [first, last] as const;
  const isLevel = shown.every(({ scale }) => isPlaced(scale));
  return (
    <section className="mt-4" aria-label={say.sideBySide}>
      <h3>{say.sideBySide}</h3>
      <p className="text-soft">{isLevel ? say.oneScale : say.noScale}</p>
      <div className="mt-2 grid gap-4 sm:grid-cols-2">
        {shown.map((photo, i) => (
          <figure key={i} className="min-w-0">
            <Placed of={of} photo={photo} isLevel={isLevel} both={shown} />
            <figcaption className="mt-1">
              {photos.length === 2 ? (
                <span>{label(photo)}</span>
              ) : (
                <select
                  className="select w-full"
                  aria-label={i === 0 ? say.left : say.right}
                  value={photo.id}
                  onChange={({ target }) =>
                    ask(i === 0 ? [target.value, last.id] : [first.id, target.value])
                  }
                >
                  {photos.map((each) => (
                    <option key={each.id} value={each.id}>
                      {label(each)}
                    </option>
                  ))}
                </select>
              )}
            </figcaption>
          </figure>
        ))}
      </div>
    </section>
  );
}

/** The day of a picture, and whether it is of before or after. */
export function label({ takenAt, stage }: Photo): string {
  return stage ? say.stageOf(say.stages[stage], day(takenAt)) : day(takenAt);
}

function Placed(props: { of: string; photo: Photo; isLevel: boolean; both: readonly Photo[] }) {
  const { of, photo, isLevel, both } = props;
  const { scale, dataUrl } = photo;
  const alt = `${of}, ${label(photo)}`;
  if (!isLevel || !scale)
    // eslint-disable-next-line @next/next/no-img-element -- a data URL from this device
    return <img className="block w-full" src={dataUrl} alt={alt} />;
  const [x, y, width, height] = photoWindow(both.flatMap((each) => each.scale ?? []));
  const line = height / 120;
  const from = { x: x + 0.04 * width, y: y + 0.93 * height };
  return (
    <svg
      viewBox={`${x} ${y} ${width} ${height}`}
      className="block w-full"
      role="img"
      aria-label={alt}
    >
      <rect x={x} y={y} width={width} height={height} fill="var(--rail)" />
      <image href={dataUrl} transform={`matrix(${photoMatrix(scale).join(' ')})`} />
      <g fill="none">
        <path d={rule(from)} stroke="#fff" strokeWidth={3 * line} />
        <path d={rule(from)} stroke="#111" strokeWidth={line} />
      </g>
      <text
        x={from.x + RULE_MM + 4 * line}
        y={from.y}
        fontSize={7 * line}
        style={{ fill: '#111' }}
        stroke="#fff"
        strokeWidth={3 * line}
        paintOrder="stroke"
        dominantBaseline="central"
      >
        {say.ten}
      </text>
    </svg>
  );
}

function rule({ x, y }: { x: number; y: number }): string {
  return `M${x},${y - 2}v4m0,-2h${RULE_MM}m0,-2v4`;
}
