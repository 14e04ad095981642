'use client';

import { shellWords as say } from '../../ui/words/screens/shell';
import dynamic from 'next/dynamic';
import { usePathname } from 'next/navigation';
import { Suspense, useEffect, useState, type ReactNode } from 'react';
import { StoreProvider, useOpening } from '../../live';
import { refused } from './refused';
import { THEME_KEY, usePreference } from '../../ui/preferences';
import { FocusHeading } from './FocusHeading';
import { InUnits } from './InUnits';
import { screenOf } from './screens';
import { ShellHead } from './ShellHead';
import { useServiceWorker } from './useServiceWorker';
import { useShortcuts } from './useShortcuts';

const KeepCopies = dynamic(() => import('./KeepCopies'), { ssr: false });
const NotSaved = dynamic(() => import('./NotSaved'), { ssr: false });
const Notices = dynamic(() => import('./Notices'), { ssr: false });
const ShortcutSheet = dynamic(() => import('./ShortcutSheet'), { ssr: false });

const FindDialog = dynamic(() => import('./find/FindDialog'), { ssr: false });
const WordPanel = dynamic(() => import('./WordPanel'), { ssr: false });

/** The frame of every screen: signposts to the screens, theme, shortcuts, notices. */
export function Shell({ children }: { children: ReactNode }) {
  const pathname = usePathname();
  const [theme] = usePreference(THEME_KEY, 'day');
  const [sheetOpen, setSheetOpen] = useState(false);
  const [isFinding, setFinding] = useState(false);
  const opening = useOpening();
  const newVersion = useServiceWorker();
  useShortcuts({ openSheet: () => setSheetOpen(true), find: () => setFinding(true) });
  useEffect(() => {
    document.documentElement.dataset.theme = theme;
  }, [theme]);

  const isOutdated = opening.stage === 'open' && opening.isOutdated;
  const inGuide = pathname.startsWith('/touch-up/guide');
  return (
    <div className="flex min-h-dvh flex-col">
      <a
        href="#main"
        className="sign sr-only bg-primary p-3 text-primary-content focus:not-sr-only focus:absolute focus:z-50"
      >
        {say.skipToTheScreen}
      </a>
      {!inGuide && (
        <ShellHead
          here={screenOf(pathname)}
          onFind={() => setFinding(true)}
          onSheet={() => setSheetOpen(true)}
        />
      )}
      {(newVersion || isOutdated) && <NewVersion />}
      <StoreProvider
        onRefused={refused}
        fallback={<main id="main" className="flex-1" aria-busy="true" />}
        blocked={<Blocked />}
        failed={(error) => <StorageFailed error={error} />}
      >
        <NotSaved />
        <KeepCopies />
        {isFinding && <FindDialog onClose={() => setFinding(false)} />}
        <main id="main" tabIndex={-1} className="flex flex-1 flex-col outline-none">
          <InUnits>{children}</InUnits>
        </main>
      </StoreProvider>
      <Suspense>
        <FocusHeading />
      </Suspense>
      {sheetOpen && <ShortcutSheet onClose={() => setSheetOpen(false)} />}
      <Notices />
      <WordPanel />
    </div>
  );
}

function NewVersion() {
  return (
    <p role="status" className="no-print bg-base-200 px-4 py-2 sm:px-8">
      {say.aNewVersionIsReady}{' '}
      <button type="button" className="link font-bold" onClick={() => location.reload()}>
        {say.reloadToUseIt}
      </button>
    </p>
  );
}

function Blocked() {
  return (
    <main id="main" className="mx-auto max-w-2xl p-8">
      <h1>{say.anotherTabHoldsAnOlder}</h1>
      <p role="status" className="mt-3">
        {say.closeTheOtherTabsOf}
      </p>
    </main>
  );
}

function StorageFailed({ error: { name, message } }: { error: Error }) {
  const isNewer = name === 'VersionError';
  return (
    <main id="main" className="mx-auto max-w-2xl p-8">
      <h1>{isNewer ? say.thisDataIsOfA : say.theBrowserDoesNotLet}</h1>
      <p className="mt-3">{isNewer ? say.thisPageIsAnOlder : say.allowStorage(message)}</p>
    </main>
  );
}
