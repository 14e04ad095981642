'use client';

import { logAnswersWords as say } from './words';
import { SideScroll } from '../../../ui/SideScroll';
import { useState, type ReactNode } from 'react';

/** One question to the log: its answer as the title, the table behind it, and what stands behind that. */
export function Answer(props: { title: string; behind: string; children?: ReactNode }) {
  const { title, behind, children } = props;
  return (
    <section className="mt-7 border-t-2 border-ink pt-3">
      <h2 className="max-w-[60ch]">{title}</h2>
      {children}
      <p className="mt-1 text-[0.95rem] text-soft">{behind}</p>
    </section>
  );
}

/** So many rows are shown until all are asked for. */
const FIRST_ROWS = 12;

/** A table that scrolls by itself where the screen is narrow, its first rows until all are asked for. */
export function AnswerTable(props: {
  heads: readonly (readonly [name: string, isNumber: boolean])[];
  children: readonly ReactNode[];
}) {
  const { heads, children } = props;
  const [showsAll, setShowsAll] = useState(false);
  return (
    <SideScroll label={say.answerAsATable}>
      <table className="table-plain mt-1 min-w-[40rem]">
        <thead>
          <tr>
            {heads.map(([name, isNumber]) => (
              <th key={name} className={isNumber ? 'number' : undefined}>
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>{showsAll ? children : children.slice(0, FIRST_ROWS)}</tbody>
      </table>
      {children.length > FIRST_ROWS && (
        <button type="button" className="link min-h-12" onClick={() => setShowsAll(!showsAll)}>
          {showsAll ? say.fewerRows : say.allRows(children.length)}
        </button>
      )}
    </SideScroll>
  );
}
