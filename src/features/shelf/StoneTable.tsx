import { counted } from '../../ui/words/counted';
import { shelfWords as say } from './words';
import { Said } from '../../ui/Term';
import { sum } from 'd3-array';
import { gradeSizeUm, soakMl } from '../../core/abrasive';
import { strokesSince, type SurfaceUse } from '../../core/log';
import { isOilStone, lubricantsOf } from '../../domain/lubricantsOf';
import type { Abrasive, Face } from '../../domain/shelf';
import { gradeText } from '../../formats/shelf/gradeText';
import { sentence, um } from '../../ui/format';
import { spoken } from '../../ui/words/closedWords';
import { ThingDrawing } from '../../ui/things/ThingDrawing';
import { ListHeading, RowButton, weight } from './KeptThings';

/** Longest drawing in the table (px), and its scale. */
const MOST_PX = 110;
const PX_PER_MM = 0.5;

/** Stones, files, papers and steels, coarse to fine, each drawn from its own measures. */
export function StoneTable(props: {
  abrasives: readonly Abrasive[];
  uses: ReadonlyMap<string, SurfaceUse>;
  onAdd: () => void;
  onEdit: (record: Abrasive) => void;
}) {
  const { abrasives, uses, onAdd, onEdit } = props;
  const inOrder = [...abrasives].sort((a, b) => coarsest(b) - coarsest(a));
  return (
    <section className="min-w-0 overflow-x-auto">
      <ListHeading title={say.stonesFilesAndPapers} onAdd={onAdd} />
      <table className="table-plain">
        <thead>
          <tr>
            <th className="hidden sm:table-cell">{say.toScale}</th>
            <th>{say.what}</th>
            <th>{say.marked}</th>
            <th className="number">
              <Said>µm</Said>
            </th>
            <th>{say.withThing}</th>
            <th className="number">{say.weight}</th>
            <th>{say.livesIn}</th>
          </tr>
        </thead>
        <tbody>
          {inOrder.map((record) => (
            <tr key={record.id}>
              <td className="hidden sm:table-cell">
                <ThingDrawing thing={record} pxPerMm={PX_PER_MM} mostPx={MOST_PX} />
              </td>
              <td>
                <RowButton name={record.name} onClick={() => onEdit(record)} />
                <p className="text-[0.92rem] text-soft">{stateWords(record, uses)}</p>
              </td>
              <td className="figures">
                {record.faces.map(({ id, grade }) => (
                  <div key={id}>{gradeText(grade)}</div>
                ))}
              </td>
              <td className="number">
                {record.faces.map(({ id, grade }) => (
                  <div key={id}>{um(gradeSizeUm(grade)).replace(' µm', '')}</div>
                ))}
              </td>
              <td>{lubricantsOf(record).join(', ')}</td>
              <td className="number">{weight(record)}</td>
              <td>{sentence(spoken(record.place))}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function coarsest({ faces }: Abrasive): number {
  return Math.max(...faces.map(({ grade }) => gradeSizeUm(grade)));
}

const REMEDY: Partial<Record<Face['state'], string>> = {
  loaded: say.loadedScrubIt,
  glazed: say.glazed,
};

/** How a stone is: worn hollow, loaded, thirsty, nearly used up, and what it has done. */
function stateWords(record: Abrasive, uses: ReadonlyMap<string, SurfaceUse>): string {
  const { id, dishMm, faces, freshLeft } = record;
  const soaksMl = soakMl(record);
  const strokes = sum(faces, (face) => {
    const use = uses.get(`${id}/${face.id}`);
    return use ? strokesSince(use) : 0;
  });
  return [
    dishMm > 0 && say.hollowBy(dishMm),
    ...faces.map(({ name, state }) => {
      const remedy = REMEDY[state];
      return remedy && (faces.length > 1 ? `${name} ${remedy}` : remedy);
    }),
    isOilStone(record) && say.anOilStone,
    soaksMl > 0 && say.soaksUp(soaksMl),
    freshLeft !== null && say.freshLeft(freshLeft),
    strokes > 0 && (record.freshAt ? say.strokesSinceFresh(strokes) : counted.stroke(strokes)),
  ]
    .filter(Boolean)
    .join('; ');
}
