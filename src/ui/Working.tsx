import { uiPartsWords as say } from './words/partsWords';
import type { ReactNode } from 'react';

/** One line of a computation: what it is, the formula in words, the numbers put in, the answer. */
export interface WorkingLine {
  what: string;
  formula: string;
  answer: string;
}

/** The working behind a result, folded away until it is asked for. */
export function Working({
  lines,
  children,
}: {
  lines: readonly WorkingLine[];
  children?: ReactNode;
}) {
  return (
    <details className="group mt-3">
      <summary className="inline-flex min-h-12 cursor-pointer items-center font-semibold underline underline-offset-4">
        {say.showWorking}
      </summary>
      <table className="table-plain figures mt-2 text-[0.95rem]">
        <tbody>
          {lines.map(({ what, formula, answer }) => (
            <tr key={what}>
              <th scope="row" className="!border-b !border-rule">
                {what}
              </th>
              <td>{formula}</td>
              <td className="number">{answer}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {children}
    </details>
  );
}
