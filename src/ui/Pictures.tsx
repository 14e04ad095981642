'use client';

import { spoken } from './words/closedWords';
import { uiPartsWords as say } from './words/screens/uiParts';
import { useRef, useState } from 'react';
import type { Photo } from '../domain/photo';
import { day } from './format';

/** Pictures with what removes them, and two ways to add one; a file that is no picture is said in place. */
export function Pictures(props: {
  of: string;
  photos: readonly Photo[];
  onAdd: (file: File) => Promise<void>;
  onRemove: (photo: Photo) => Promise<void>;
}) {
  const { of, photos, onAdd, onRemove } = props;
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
              <img className="w-full" src={photo.dataUrl} alt={`${of}, ${day(photo.takenAt)}`} />
              <button
                type="button"
                className="link min-h-12"
                aria-label={say.removeThePictureOf(day(photo.takenAt))}
                onClick={() => void onRemove(photo)}
              >
                {say.remove}
              </button>
            </li>
          ))}
        </ul>
      )}
      {problem && (
        <p role="alert" className="field-error mt-2">
          {problem}
        </p>
      )}
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
