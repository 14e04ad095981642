import type { FileProblem } from '../../formats/jsonProblems';
import { plural } from '../../ui/format';
import { failureWords } from '../../ui/words/failureWords';
import type { ImportState } from './useImport';
import type { MergeReport } from '../../live';

const STAGE_WORDS = { reading: 'Reading', checking: 'Checking', writing: 'Writing' } as const;

/** What is happening to a file, or what came of it. */
export function ImportReport({ state, onAgain }: { state: ImportState; onAgain: () => void }) {
  const { name } = state.file;
  switch (state.kind) {
    case 'under way':
      return (
        <section role="status" className="mt-5 max-w-md">
          <h2>
            {STAGE_WORDS[state.stage]} {name}
          </h2>
          <progress
            className="progress mt-2 w-full"
            aria-label={`${STAGE_WORDS[state.stage]} ${name}`}
            value={state.share}
            max={1}
          />
          <button type="button" className="btn btn-outline mt-2" onClick={state.cancel}>
            Cancel
          </button>
        </section>
      );
    case 'failed':
      return (
        <section role="alert" className="mt-5 border-l-4 border-blaze pl-4">
          <h2>{name} is not brought in; nothing has changed</h2>
          <p>{failureWords(state.error)}</p>
          <button type="button" className="btn btn-outline mt-2" onClick={onAgain}>
            Try again
          </button>
        </section>
      );
    case 'refused':
      return <Refused name={name} problems={state.problems} more={state.more} />;
    case 'merged':
      return <Merged name={name} report={state.report} onTakeBack={state.takeBack} />;
  }
}

function Refused(props: { name: string; problems: FileProblem[]; more: number }) {
  const { name, problems, more } = props;
  return (
    <section role="alert" className="mt-5 border-l-4 border-blaze pl-4">
      <h2>{name} is not brought in; nothing has changed</h2>
      <ul className="mt-1 break-words">
        {problems.map(({ line, field, message }) => (
          <li key={`${line}${field}${message}`}>
            <b className="figures">Line {line}</b>, {field}: {message}.
          </li>
        ))}
      </ul>
      {more > 0 && <p className="mt-1">and {plural(more, 'problem')} more.</p>}
    </section>
  );
}

function Merged(props: { name: string; report: MergeReport; onTakeBack: () => void }) {
  const { name, report, onTakeBack } = props;
  const rows = Object.entries(report).filter(
    ([, { added, replaced, kept }]) => added + replaced + kept > 0,
  );
  return (
    <section role="status" className="mt-5">
      <h2>{name} is brought in</h2>
      <table className="table-plain mt-1 max-w-md">
        <thead>
          <tr>
            <th>Records</th>
            <th className="number">New</th>
            <th className="number">Newer, replaced</th>
            <th className="number">Older, left</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(([store, { added, replaced, kept }]) => (
            <tr key={store}>
              <td>{store}</td>
              <td className="number">{added}</td>
              <td className="number">{replaced}</td>
              <td className="number">{kept}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {rows.length === 0 && <p>{plural(0, 'record')} in it.</p>}
      <button type="button" className="btn btn-outline mt-3" onClick={onTakeBack}>
        Take the import back
      </button>
    </section>
  );
}
