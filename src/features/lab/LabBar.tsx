'use client';

import { useState } from 'react';
import { ActionBar } from '../../ui/ActionBar';
import { StepButton } from '../../ui/StepButton';
import { labWords as say } from '../../ui/words/labWords';
import type { LabControl } from './labControls';

/** All that can be changed, in a row; on a phone one at a time, at the thumb. */
export function LabBar(props: {
  controls: readonly LabControl[];
  isPlaying: boolean;
  strokes: number;
  onStep: (id: string, way: 'less' | 'more') => void;
  onPlay: () => void;
}) {
  const { controls, isPlaying, strokes, onStep, onPlay } = props;
  const [chosen, setChosen] = useState('wobble');
  return (
    <ActionBar label={say.change}>
      <div className="flex flex-wrap items-end justify-between gap-2 px-4 py-2 sm:px-8">
        <label className="flex w-full items-center gap-3 lg:hidden">
          <span>{say.whatToChange}</span>
          <select
            className="select w-full min-w-0"
            value={chosen}
            onChange={(event) => setChosen(event.target.value)}
          >
            {controls.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <div
          className={`lg:flex lg:flex-1 ${controls.length > 3 ? 'lg:justify-between lg:gap-1' : 'lg:gap-10'}`}
        >
          {controls.map((control) => (
            <div
              key={control.id}
              role="group"
              aria-label={control.name}
              className={control.id === chosen ? '' : 'max-lg:hidden'}
            >
              <p className="hidden text-center text-[0.92rem] lg:block">{control.name}</p>
              <div className="flex items-center">
                <StepButton
                  by={-1}
                  label={say.less(control.name)}
                  disabled={control.less === null}
                  onStep={() => onStep(control.id, 'less')}
                />
                <p className="min-w-[4.2rem] px-0.5 text-center leading-tight" aria-live="polite">
                  <b className="sign block text-lg">{control.value}</b>
                  <span className="block truncate text-[0.86rem] max-lg:hidden">
                    {control.line}
                  </span>
                </p>
                <StepButton
                  by={1}
                  label={say.more(control.name)}
                  disabled={control.more === null}
                  onStep={() => onStep(control.id, 'more')}
                />
              </div>
            </div>
          ))}
        </div>
        <button
          type="button"
          className="btn btn-primary px-4 text-lg whitespace-nowrap"
          onClick={onPlay}
        >
          {isPlaying ? say.pause : say.play(strokes)}
        </button>
      </div>
    </ActionBar>
  );
}
