import { spoken } from '../../ui/words/closedWords';
import { guideWords as say } from './words/guideWords';
import { TabTitle } from '../../ui/TabTitle';
import { titles } from '../../ui/words/titleWords';
import Link from '../../ui/Link';
import { SavedWord } from '../../ui/SavedWord';
import { Pegs } from '../../ui/Pegs';
import { edgeName } from '../../domain/edgeName';
import type { Session } from '../../domain/session';
import type { Tool, Zone } from '../../domain/tool';
import type { SaveWord } from '../../live';
import { minutesLeft } from './guideStep';

/** What is worked, at which step, how long it takes still, and whether all of it is saved. */
export function GuideHead(props: { session: Session; tool: Tool; zone: Zone; saved: SaveWord }) {
  const { session, tool, zone, saved } = props;
  const step = session.steps[session.stepIndex]!;
  return (
    <header className="bg-neutral text-neutral-content">
      <div className="mx-auto flex max-w-[82rem] flex-wrap items-center gap-x-5 px-4 py-1 sm:px-8">
        <TabTitle>{titles.guide(tool.name)}</TabTitle>
        <h1 className="!text-[1.35rem]">
          {session.job === 'spine' ? say.spine(tool.name) : edgeName(tool, zone)}
        </h1>
        <p className="order-last flex w-full items-center gap-x-3 leading-tight sm:order-none sm:w-auto">
          <Pegs done={session.stepIndex} of={session.steps.length} />
          <span>
            {say.stepOfLadder(
              session.stepIndex + 1,
              session.steps.length,
              step.abrasiveName,
              spoken(step.task),
            )}
          </span>
        </p>
        <p className="figures ml-auto">{say.left(minutesLeft(session))}</p>
        <SavedWord word={saved} />
        <Link href="/" className="inline-flex min-h-12 items-center underline underline-offset-4">
          {say.leave}
        </Link>
      </div>
    </header>
  );
}
