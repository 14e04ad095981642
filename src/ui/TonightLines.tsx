import { spoken } from './words/closedWords';
import type { TonightLine } from '../core/trip';
import type { SpotOut } from '../domain/spots';
import { minutes } from './format';
import { jobLink } from './jobAddress';
import { ListLine } from './ListLine';
import { RungMark } from './RungMark';
import type { EdgeNamer } from './words/edgeNames';
import { workInWords } from './words/needWords';
import { chanceWords } from './words/tripWords';

/** Where an evening's line is planned, with what is at hand where one stands. */
export function tonightLink({ toolId, zoneId, need }: TonightLine, spot: SpotOut): string {
  return jobLink({ toolId, zoneId, job: need?.job ?? 'touch-up', spot });
}

/** An evening's work, each line with its start where one stands. */
export function TonightLines(props: {
  lines: readonly TonightLine[];
  nameOf: EdgeNamer;
  spot: SpotOut;
  /** Whether the first is the one thing to do now. */
  isNext?: boolean;
}) {
  const { lines, nameOf, spot, isNext = false } = props;
  return lines.map((line, i) => {
    const { need, rung, chance } = line;
    return (
      <ListLine
        key={line.edgeId}
        isNext={isNext && i === 0}
        mark={<RungMark rung={rung} chance={chance} />}
        name={nameOf(line)}
        says={need ? workInWords(need).toLowerCase() : `${spoken(rung)}, ${chanceWords(chance)}`}
        link={tonightLink(line, spot)}
        minutes={minutes(line.minutes)}
      />
    );
  });
}
