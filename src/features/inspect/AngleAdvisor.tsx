'use client';

import { spokenText } from '../../ui/words/closedWords';
import { inspectWords as say } from './words/inspectWords';
import { Said } from '../../ui/Term';
import Link from '../../ui/Link';
import type { EdgeAim } from '../../core/edge';
import type { AngleAdvice } from '../../core/inspection';
import { workingFace } from '../../core/ladder';
import { TASKS, type TaskId } from '../../domain/tasks';
import type { Tool, Zone } from '../../domain/tool';
import { deg, fineMm, volume } from '../../ui/format';
import { jobLink } from '../../ui/jobAddress';
import { adviceWords, angleReason } from './words/angleWords';

/** The angle for the work planned, moved by what the log shows, with the price of each choice. */
export function AngleAdvisor(props: {
  tool: Tool;
  zone: Zone;
  advice: AngleAdvice;
  taskIds: readonly TaskId[];
  onTasks: (ids: TaskId[]) => void;
}) {
  const { tool, zone, advice, taskIds, onTasks } = props;
  const present = workingFace(tool, zone).angleDeg;
  const moves = advice.move === 'steeper' || advice.move === 'flatter';
  const angleDeg = present + advice.changeDeg;
  const planLink = (grind: EdgeAim['grind'], words: string) => (
    <Link
      className="link inline-flex min-h-12 items-center font-semibold"
      href={jobLink({ toolId: tool.id, zoneId: zone.id, job: 'angle', aim: { grind, angleDeg } })}
    >
      {words}
    </Link>
  );
  return (
    <section aria-label={say.angle} className="min-w-0 overflow-x-auto">
      <h2>{say.angleAdvice(adviceWords(advice, present))}</h2>
      <p className="mt-1">{angleReason(advice.reason)}</p>
      {moves && (
        <p className="flex flex-wrap gap-x-6">
          {planLink('as it is', say.planPerSide(angleDeg))}
          {advice.move === 'steeper' &&
            !zone.microBevel &&
            planLink('micro-bevel', say.planAMicroBevel)}
        </p>
      )}
      <ForWork taskIds={taskIds} onTasks={onTasks} />
      <Prices prices={advice.prices} present={present} />
    </section>
  );
}

/** The work that the advice is for. */
function ForWork(props: { taskIds: readonly TaskId[]; onTasks: (ids: TaskId[]) => void }) {
  const { taskIds, onTasks } = props;
  const tasks = TASKS.filter(({ id }) => taskIds.includes(id));
  return (
    <details className="mt-1">
      <summary className="inline-flex min-h-12 cursor-pointer items-center font-semibold underline underline-offset-4">
        {say.forWhichWork(tasks.map(({ name }) => spokenText(name)).join(', ') || say.noneChosen)}
      </summary>
      <div className="grid grid-cols-2">
        {TASKS.map(({ id, name }) => (
          <label key={id} className="flex min-h-12 items-center gap-3">
            <input
              type="checkbox"
              className="checkbox"
              checked={taskIds.includes(id)}
              onChange={(event) =>
                onTasks(event.target.checked ? [...taskIds, id] : taskIds.filter((t) => t !== id))
              }
            />
            {spokenText(name)}
          </label>
        ))}
      </div>
    </details>
  );
}

/** What each angle costs, the present one among them. */
function Prices({ prices, present }: { prices: AngleAdvice['prices']; present: number }) {
  return (
    <table className="table-plain mt-2">
      <caption className="sr-only">{say.whatEachAngleCosts}</caption>
      <thead>
        <tr>
          <th>
            <Said>{say.perSide}</Said>
          </th>
          <th className="number">
            <Said>{say.thickAt(0.25)}</Said>
          </th>
          <th className="number">
            <Said>{say.wearAsChips}</Said>
          </th>
          <th className="number">{say.bite}</th>
          <th className="number">{say.toGrindAway}</th>
        </tr>
      </thead>
      <tbody>
        {prices.map(({ angleDeg, thicknessMm, damageShare, biteShare, steelMm3 }) => (
          <tr key={angleDeg} className={angleDeg === present ? 'font-bold' : ''}>
            <td className="figures whitespace-nowrap">
              {angleDeg === present ? say.presentAngle(angleDeg) : deg(angleDeg)}
            </td>
            <td className="number">{fineMm(thicknessMm)}</td>
            <td className="number">{Math.round(100 * damageShare)} %</td>
            <td className="number">{Math.round(100 * biteShare)} %</td>
            <td className="number">
              {steelMm3 === 0
                ? 'nothing'
                : Number.isFinite(steelMm3)
                  ? volume(steelMm3)
                  : say.tooMuch}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
