'use client';

import { spoken } from '../words/closedWords';
import { uiPartsWords as say } from '../words/partsWords';
import { photoKeptWords } from '../words/photoKeptWords';
import { useRef, useState } from 'react';
import type { Photo } from '../../domain/photo';
import Link from '../Link';
import { label, SideBySide } from './SideBySide';

/**
 * Pictures with what measures and removes them, two ways to add one, and two of them side by side; a file that is no
 * picture is said in place.
 */
export function Pictures(props: {
  of: string;
  photos: readonly Photo[];
  onAdd: (file: File) => Promise<void>;
  onRemove: (photo: Photo) => Promise<void>;
  /** Where a picture is measured on. */
  hrefOf: (photo: Photo) => string;
  /** What else is asked of a picture that is added. */
  asks?: React.ReactNode;
}) {
  const { of, photos, onAdd, onRemove, hrefOf, asks } = props;
  const [problem, setProblem] = useState<string | null>(null);
  const add = async (file: File): Promise<void> => {
    try {
      await onAdd(file);
      setProblem(null);
    } catch (error) {
      setProblem(say.chooseAJpeg((error as Error).message));
    }
  };
  return (
    <section className="mt-8">
      <h2>{say.pictures}</h2>
      {photos.length > 0 && (
        <ul className="mt-2 grid grid-cols-2 gap-4">
          {photos.map((photo) => (
            <li key={photo.id}>
              {/* eslint-disable-next-line @next/next/no-img-element -- a data URL from this device */}
              <img className="w-full" src={photo.dataUrl} alt={`${of}, ${label(photo)}`} />
              <p>
                {label(photo)}
                {photo.scale && `, ${photoKeptWords.measured}`}
              </p>
              <div className="flex flex-wrap gap-x-5">
                <Link
                  href={hrefOf(photo)}
                  className="link inline-flex min-h-12 items-center"
                  aria-label={photoKeptWords.measureThat(label(photo))}
                >
                  {photoKeptWords.measure}
                </Link>
                <button
                  type="button"
                  className="link min-h-12"
                  aria-label={photoKeptWords.removeThat(label(photo))}
                  onClick={() => void onRemove(photo)}
                >
                  {say.remove}
                </button>
              </div>
            </li>
          ))}
        </ul>
      )}
      <SideBySide of={of} photos={photos} />
      {problem && (
        <p role="alert" className="field-error mt-2">
          {problem}
        </p>
      )}
      {asks}
      <div className="mt-2 flex flex-wrap gap-3">
        <PictureButton text={say.addAPicture} from="file" onFile={add} />
        <PictureButton text={say.takeAPicture} from="camera" onFile={add} />
      </div>
    </section>
  );
}

/** A button that asks for a picture; where there is no camera the browser offers files for both. */
function PictureButton(props: {
  text: string;
  from: 'file' | 'camera';
  onFile: (file: File) => Promise<void>;
}) {
  const { text, from, onFile } = props;
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <button type="button" className="btn btn-outline" onClick={() => input.current!.click()}>
        {text}
      </button>
      <input
        ref={input}
        type="file"
        accept="image/*"
        capture={from === 'camera' ? 'environment' : undefined}
        aria-label={say.pictureFromA(spoken(from))}
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) void onFile(file);
          event.target.value = '';
        }}
      />
    </>
  );
}
