'use client';

import { useState } from 'react';
import type { LabAnswer } from '../../core/lab';
import { PressedRow } from '../../ui/PressedRow';
import { useIsWide } from '../../ui/useIsWide';
import { labWords as say } from '../../ui/words/labWords';
import { LabCourses } from './LabCourses';
import { LabRow, VIEWS, type LabView } from './LabRow';

/** When both ways are looked at: after as many strokes, or each as it reaches the apex. */
type SideBySide = 'equal strokes' | 'apex reached';

/** Every way stroke by stroke, and the courses on one axis. */
export function LabBench(props: {
  answer: LabAnswer;
  names: readonly string[];
  /** How each is held, in a line. */
  lines: readonly string[];
  strokes: number;
  onStrokes: (strokes: number) => void;
}) {
  const { answer, names, lines, strokes, onStrokes } = props;
  const isWide = useIsWide();
  const [view, setView] = useState<LabView>('bevel');
  const [at, setAt] = useState<SideBySide>('equal strokes');
  return (
    <div className="min-w-0">
      {!isWide && (
        <PressedRow
          label={say.scale}
          options={VIEWS.map(
            (each) =>
              [
                each,
                { bevel: say.bevelShort, edge: say.edgeShort, apex: say.apexShort }[each],
              ] as const,
          )}
          chosen={view}
          onChoose={setView}
          className="mb-2"
        />
      )}
      {isWide && (
        <p className="grid grid-cols-[1.75fr_1fr_1fr] gap-2 text-[0.92rem] text-soft">
          <span>{say.bevel}</span>
          <span>{say.edge}</span>
          <span>{say.apex}</span>
        </p>
      )}
      {answer.courses.map((course, i) => (
        <LabRow
          key={i}
          course={course}
          strokes={at === 'equal strokes' ? strokes : (course.reachedAt ?? course.strokes.length)}
          isRival={i === 1}
          name={names[i]!}
          line={at === 'apex reached' ? reachedLine(course) : lines[i]!}
          views={isWide ? VIEWS : [view]}
        />
      ))}
      {answer.courses.length > 1 && <SideBySideChoice at={at} onChoose={setAt} />}
      <LabCourses
        answer={answer}
        names={names}
        strokes={strokes}
        onStrokes={(next) => {
          setAt('equal strokes');
          onStrokes(next);
        }}
      />
    </div>
  );
}

function reachedLine({ reachedAt }: LabAnswer['courses'][number]): string {
  return reachedAt === null ? say.notReached : say.reachedAt(reachedAt);
}

function SideBySideChoice(props: { at: SideBySide; onChoose: (at: SideBySide) => void }) {
  const { at, onChoose } = props;
  return (
    <div
      role="group"
      aria-label={say.sideBySide}
      className="my-1 flex flex-wrap items-center gap-2"
    >
      <span>{say.sideBySide}</span>
      {(['equal strokes', 'apex reached'] as const).map((each) => (
        <button
          key={each}
          type="button"
          aria-pressed={each === at}
          className={`min-h-8 border border-current px-2 pointer-coarse:min-h-12 ${each === at ? 'bg-neutral text-neutral-content' : ''}`}
          onClick={() => onChoose(each)}
        >
          {{ 'equal strokes': say.afterEqualStrokes, 'apex reached': say.asApexIsReached }[each]}
        </button>
      ))}
    </div>
  );
}
