import { shellWords as say } from '../../ui/words/screens/shell';
import { useState } from 'react';
import type { FieldClash, RecordClash, Side } from '../../live';
import { Dialog } from '../../ui/Dialog';
import { fieldName, fieldValue } from '../../ui/words/fieldWords';

/** Fields that two have changed at once, side by side: the person says which stand. */
export function ClashDialog(props: {
  clashes: readonly RecordClash[];
  nameOf: (id: string) => string;
  onSettle: (choose: (clash: RecordClash, field: FieldClash) => Side) => void;
  onPutOff: () => void;
}) {
  const { clashes, nameOf, onSettle, onPutOff } = props;
  const [sides, setSides] = useState<Record<string, Side>>({});
  const keyOf = (clash: RecordClash, field: FieldClash): string =>
    [clash.store, clash.id, ...field.path].join('/');
  const sideOf = (clash: RecordClash, field: FieldClash): Side =>
    sides[keyOf(clash, field)] ?? 'mine';
  return (
    <Dialog wide title={say.changedInTwoPlaces} onClose={onPutOff}>
      <p className="mt-2">{say.sinceThisWasOpenedThe}</p>
      {clashes.map((clash) => (
        <table key={`${clash.store} ${clash.id}`} className="table-plain mt-3 w-full">
          <caption className="text-left font-semibold">{nameOf(clash.id)}</caption>
          <tbody>
            {clash.clashes.map((field) => (
              <tr key={keyOf(clash, field)}>
                <th scope="row" className="text-left">
                  {fieldName(field.path, nameOf)}
                </th>
                {(['mine', 'theirs'] as const).map((side) => (
                  <td key={side}>
                    <label className="flex min-h-12 items-center gap-2">
                      <input
                        type="radio"
                        className="radio border-2 border-ink"
                        name={keyOf(clash, field)}
                        checked={sideOf(clash, field) === side}
                        onChange={() => setSides({ ...sides, [keyOf(clash, field)]: side })}
                      />
                      <span>
                        {side === 'mine' ? say.yours : say.savedMeanwhile}
                        <b>{fieldValue(field.path, side === 'mine' ? field.to : field.present)}</b>
                      </span>
                    </label>
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      ))}
      <div className="mt-4 flex justify-end">
        <button type="button" className="btn btn-primary" onClick={() => onSettle(sideOf)}>
          {say.saveThese}
        </button>
      </div>
    </Dialog>
  );
}
