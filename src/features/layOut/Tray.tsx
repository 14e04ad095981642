import { spokenText } from '../../ui/words/closedWords';
import { shortKindName } from '../../ui/words/kindName';
import { UsualThingDrawing, usualThingSizeMm } from '../../ui/things/UsualThingDrawing';
import { layOut } from '../../ui/words/layOutWords';
import { sentence } from '../../ui/format';
import { shortened, ToolDrawing, toolSizeMm } from './LaidDrawing';
import { countOf, TRAY_THINGS, TRAY_TOOLS, type Ground } from './laid';

/** Room for a picture in the tray (px). */
const PICTURE = { width: 72, height: 40 };

/** The tools to choose from, each hanging from a hole that a peg fills once it lies on the ground. */
export function ToolTray(props: { ground: Ground; onLay: (kind: string) => void }) {
  return (
    <Rails label={layOut.tools}>
      {TRAY_TOOLS.map((kind) => {
        const tool = shortened(kind);
        const pxPerMm = fitting(toolSizeMm(tool));
        return (
          <Piece
            key={kind}
            name={shortKindName(kind)}
            count={countOf(props.ground, kind)}
            onLay={() => props.onLay(kind)}
          >
            <ToolDrawing tool={tool} pxPerMm={pxPerMm} word="keen" />
          </Piece>
        );
      })}
    </Rails>
  );
}

/** The things to sharpen with to choose from. */
export function ThingTray(props: { ground: Ground; onLay: (name: string) => void }) {
  return (
    <Rails label={layOut.things}>
      {TRAY_THINGS.map(({ name }) => (
        <Piece
          key={name}
          name={spokenText(name)}
          count={countOf(props.ground, name)}
          onLay={() => props.onLay(name)}
        >
          <UsualThingDrawing name={name} pxPerMm={fitting(usualThingSizeMm(name))} />
        </Piece>
      ))}
    </Rails>
  );
}

function Rails({ label, children }: { label: string; children: React.ReactNode }) {
  return (
    <ul
      aria-label={label}
      className="grid grid-cols-[repeat(auto-fill,minmax(4.7rem,1fr))] border-l border-rule"
    >
      {children}
    </ul>
  );
}

function Piece(props: {
  name: string;
  count: number;
  onLay: () => void;
  children: React.ReactNode;
}) {
  const { name, count, onLay, children } = props;
  return (
    <li className="border-r border-rule">
      <button
        type="button"
        aria-label={layOut.onGround(sentence(name), count)}
        className="grid h-full w-full cursor-pointer content-start justify-items-center pb-1 hover:bg-base-200"
        onClick={onLay}
      >
        <Holes count={count} />
        <span
          className="grid place-items-center"
          style={{ width: PICTURE.width, height: PICTURE.height + 6 }}
        >
          {children}
        </span>
        <span
          className={`px-0.5 text-center text-[0.86rem] leading-tight [font-stretch:84%] ${count > 0 ? 'font-bold' : ''}`}
        >
          {name}
        </span>
      </button>
    </li>
  );
}

/** More pegs than this are said as a figure. */
const MOST_PEGS = 3;

/** The rail over a piece: a hole, or a peg for each that lies on the ground. */
function Holes({ count }: { count: number }) {
  const pegs = Math.min(count, MOST_PEGS);
  return (
    <span className="flex h-3.5 w-full items-center justify-center gap-1 bg-rail" aria-hidden>
      {count === 0 && <span className="size-1.5 rounded-full bg-ink" />}
      {Array.from({ length: pegs }, (_, i) => (
        <span key={i} className="size-3 rounded-full border-[3px] border-ink bg-base-100" />
      ))}
      {count > MOST_PEGS && (
        <b className="text-[0.75rem] leading-none text-[var(--ink)]">{count}</b>
      )}
    </span>
  );
}

function fitting({ widthMm, heightMm }: { widthMm: number; heightMm: number }): number {
  return Math.min((PICTURE.width - 6) / widthMm, PICTURE.height / heightMm);
}
