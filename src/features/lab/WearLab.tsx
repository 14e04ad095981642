'use client';

import { apexAngle } from '../../core/edge';
import type { Habit, HabitYears, WearOfYears, YearShape } from '../../core/lab';
import { edgeName } from '../../domain/edgeName';
import { deg, fineMm, mm } from '../../ui/format';
import { QUESTION_WORDS } from '../../ui/words/labWords';
import { HABIT_WORDS, habitEnds, wearCatch, wearTitle, wearWords as say } from './words';
import { LabFrame } from './LabFrame';
import type { Lab } from './useLab';
import type { ShortAnswers } from './useShortAnswers';
import { YearSections, yearsWindow } from './YearSections';

/** An edge over the years: as the log tells it, and on from today under four habits, drawn year by year. */
export function WearLab(props: { lab: Lab; wear: WearOfYears | null; answers: ShortAnswers }) {
  const { lab, wear, answers } = props;
  const name = edgeName(lab.need.tool, lab.need.zone);
  return (
    <LabFrame
      lab={lab}
      answers={answers}
      title={wear ? wearTitle(wear, name) : QUESTION_WORDS.wear}
      line={wear ? wearCatch(wear) : ' '}
      main={wear && <Sections wear={wear} />}
      aside={
        wear && (
          <>
            <WearTable wear={wear} />
            <p className="text-[0.92rem] text-soft">
              {say.drawn}{' '}
              {say.pace(wear.touchUpsPerYear, 1000 * wear.pace.recessionMm, wear.isUsualPace)}{' '}
              {say.stropped} {say.banded} {wear.ahead.degreeLower ? '' : say.noRoom}
            </p>
          </>
        )
      }
    />
  );
}

function Sections({ wear }: { wear: WearOfYears }) {
  const { past, since } = wear;
  const ahead = habitsAhead(wear);
  const view = yearsWindow([past, ...ahead.map(({ shapes }) => shapes)].flat());
  return (
    <div>
      <Row
        name={past.length > 1 ? say.log : say.rack}
        line={past.length > 1 ? say.fromLog(since) : say.nothingKnown}
        shapes={past}
        view={view}
      />
      <h3 className="mt-2 text-base">{say.ahead}</h3>
      {ahead.map(({ habit, shapes }) => (
        <Row key={habit} name={HABIT_WORDS[habit]} line="" shapes={shapes} view={view} />
      ))}
    </div>
  );
}

function Row(props: {
  name: string;
  line: string;
  shapes: readonly YearShape[];
  view: ReturnType<typeof yearsWindow>;
}) {
  const { name, line, shapes, view } = props;
  const [first, last] = [shapes[0]!, shapes.at(-1)!];
  const goneMm = last.lostMm - first.lostMm;
  return (
    <section aria-label={name} className="border-t border-rule pt-1 first:border-0">
      <div className="flex flex-wrap items-baseline gap-x-3">
        <h2 className="text-lg">{name}</h2>
        {line && <p className="text-soft">{line}</p>}
        <p className="ml-auto">
          <b className="sign text-xl">{deg(last.zone.facet?.angleDeg ?? apexAngle(last.zone))}</b>{' '}
          {say.line(last.faceMm, last.thicknessAt1Mm)}
          {goneMm > 0.0005 ? `, ${say.shorterBy(goneMm)}` : ''}
        </p>
      </div>
      <YearSections shapes={shapes} view={view} />
    </section>
  );
}

const HABITS = ['asNow', 'stropMore', 'narrowBands', 'degreeLower'] as const;

/** The years ahead under each habit that the edge has room for, in their order. */
function habitsAhead({ ahead }: WearOfYears): (HabitYears & { habit: Habit })[] {
  return HABITS.flatMap((habit) => {
    const years = ahead[habit];
    return years ? [{ habit, ...years }] : [];
  });
}

/** The same in figures: how every habit ends, and what it comes to. */
function WearTable({ wear }: { wear: WearOfYears }) {
  const today = wear.past.at(-1)!;
  return (
    <table
      className="table-plain w-full text-[0.95rem] [&_td]:!px-1 [&_td]:!py-0.5 [&_th]:!px-1 [&_th]:!py-0.5"
      aria-label={say.table}
    >
      <thead>
        <tr>
          <th />
          <th className="number">{say.face}</th>
          <th className="number">{say.oneIn}</th>
          <th className="number">{say.shorter}</th>
        </tr>
      </thead>
      <tbody>
        <Figures name={say.today} shape={today} />
        {habitsAhead(wear).map(({ habit, ...way }) => (
          <Figures key={habit} name={HABIT_WORDS[habit]} shape={way.shapes.at(-1)!} way={way} />
        ))}
      </tbody>
    </table>
  );
}

function Figures(props: { name: string; shape: YearShape; way?: HabitYears }) {
  const { name, shape, way } = props;
  return (
    <>
      <tr>
        <th scope="row" className="!border-0 text-left font-normal">
          {name}
        </th>
        <td className="number !border-0">{mm(shape.faceMm)}</td>
        <td className="number !border-0">{fineMm(shape.thicknessAt1Mm)}</td>
        <td className="number !border-0">{way ? fineMm(shape.lostMm) : ''}</td>
      </tr>
      {way && (
        <tr>
          <td colSpan={4} className="!pt-0 text-[0.9rem] text-soft">
            {habitEnds(way)}
          </td>
        </tr>
      )}
    </>
  );
}
