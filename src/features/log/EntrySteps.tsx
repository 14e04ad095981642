import { logWords as say } from './words';
import { SideScroll } from '../../ui/SideScroll';
import { forceInWords } from '../../core/wear';
import type { Session } from '../../domain/session';
import { isSpineTask } from '../../domain/terms';
import { countSpan, minutes } from '../../ui/format';
import { spoken } from '../../ui/words/closedWords';
import { testWords } from '../../ui/words/entryWords';

/** The steps of an entry: what was done beside what was planned. */
export function EntrySteps({ session }: { session: Session }) {
  const byGuide = session.written === 'in the guide';
  return (
    <SideScroll label={say.steps}>
      <table className="table-plain mt-3 min-w-[44rem] [&_th]:wrap-normal!">
        <thead>
          <tr>
            <th>{say.step}</th>
            <th className="number">{say.left}</th>
            <th className="number">{say.right}</th>
            <th className="number">{say.plannedASide}</th>
            <th className="number">{say.time}</th>
            <th>{say.heldAt}</th>
            <th>{say.hand}</th>
            <th>{say.testAtItsEnd}</th>
          </tr>
        </thead>
        <tbody>
          {session.steps.map((step, i) => (
            <tr key={i}>
              <td>
                {step.abrasiveName}
                <p className="text-[0.92rem] text-soft">
                  {step.skipped ? say.leftOut(spoken(step.skipped)) : say.toTask(spoken(step.task))}
                </p>
              </td>
              <td className="number">{step.left}</td>
              <td className="number">{step.right}</td>
              <td className="number">
                {byGuide
                  ? countSpan(step.plannedPerSide, step.plannedPerSideLow, step.plannedPerSideHigh)
                  : say.noPlan}
              </td>
              <td className="number">{minutes(step.activeSeconds / 60)}</td>
              <td className="figures whitespace-nowrap">
                {!byGuide
                  ? say.notSaid
                  : isSpineTask(step.task)
                    ? 'square'
                    : say.perSide(step.angleDeg)}
              </td>
              <td>
                {byGuide
                  ? `${spoken(forceInWords(step))}, ${spoken(step.motion)}, ${spoken(step.lubricant)}`
                  : spoken(step.motion)}
              </td>
              <td>{testWords({ tests: step.tests, findings: [] })}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </SideScroll>
  );
}
