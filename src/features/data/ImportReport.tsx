import { dataWords as say } from './words';
import type { StoreName } from '../../domain/storeNames';
import type { FileProblem } from '../../formats/jsonProblems';
import { failureWords } from '../../ui/words/failureWords';
import type { ImportState } from './useImport';
import type { MergeReport } from '../../live';

const STAGE_WORDS = {
  reading: say.reading,
  checking: say.checking,
  writing: say.writing,
} as const;

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
            {say.cancel}
          </button>
        </section>
      );
    case 'failed':
      return (
        <section role="alert" className="mt-5 border-l-4 border-blaze pl-4">
          <h2>{say.isNotBroughtInNothing(name)}</h2>
          <p>{failureWords(state.error)}</p>
          <button type="button" className="btn btn-outline mt-2" onClick={onAgain}>
            {say.tryAgain}
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
      <h2>{say.isNotBroughtInNothing(name)}</h2>
      <ul className="mt-1 break-words">
        {problems.map(({ line, field, message }) => (
          <li key={`${line}${field}${message}`}>
            <b className="figures">{say.line(line)}</b>, {field}: {message}.
          </li>
        ))}
      </ul>
      {more > 0 && <p className="mt-1">{say.andMore(more)}</p>}
    </section>
  );
}

function Merged(props: { name: string; report: MergeReport; onTakeBack: () => void }) {
  const { name, report, onTakeBack } = props;
  const rows = (Object.entries(report) as [StoreName, MergeReport[StoreName]][]).filter(
    ([, { added, replaced, kept }]) => added + replaced + kept > 0,
  );
  return (
    <section role="status" className="mt-5">
      <h2>{say.isBroughtIn(name)}</h2>
      <table className="table-plain mt-1 max-w-md">
        <thead>
          <tr>
            <th>{say.records}</th>
            <th className="number">{say.newRecords}</th>
            <th className="number">{say.newerReplaced}</th>
            <th className="number">{say.olderLeft}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(([store, { added, replaced, kept }]) => (
            <tr key={store}>
              <td>{say.stores[store]}</td>
              <td className="number">{added}</td>
              <td className="number">{replaced}</td>
              <td className="number">{kept}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {rows.length === 0 && <p>{say.recordsInFile(0)}</p>}
      <button type="button" className="btn btn-outline mt-3" onClick={onTakeBack}>
        {say.takeTheImportBack}
      </button>
    </section>
  );
}
