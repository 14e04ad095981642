import type { ReactNode } from 'react';
import Link from './Link';
import { toolLink } from './links';
import { TabTitle } from './TabTitle';
import { uiPartsWords as say } from './words/partsWords';

/** The ground of a screen that measures a tool: its title, the way back to the tool, and a bar at the thumb. */
export function InstrumentFrame(props: {
  tab: string;
  title: string;
  toolId: string;
  /** A drawing that is looked at closely has more room. */
  isWide?: boolean;
  bar: ReactNode;
  children: ReactNode;
}) {
  const { tab, title, toolId, isWide = false, bar, children } = props;
  return (
    <div className="flex min-h-[calc(100dvh-6rem)] flex-col sm:min-h-[calc(100dvh-3.75rem)]">
      <div
        className={`mx-auto w-full flex-1 px-4 py-4 sm:px-8 ${isWide ? 'max-w-[82rem]' : 'max-w-2xl'}`}
      >
        <TabTitle>{tab}</TabTitle>
        <div className="flex flex-wrap items-baseline gap-x-4">
          <h1 className="!text-[1.6rem]">{title}</h1>
          <Link href={toolLink(toolId)} className="link ml-auto inline-flex min-h-12 items-center">
            {say.backToTheTool}
          </Link>
        </div>
        {children}
      </div>
      {bar}
    </div>
  );
}
