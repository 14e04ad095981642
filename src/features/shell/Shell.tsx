'use client';

import { Flame, Keyboard, Sun } from 'lucide-react';
import dynamic from 'next/dynamic';
import Link from '../../ui/Link';
import { usePathname } from 'next/navigation';
import { useEffect, useState, type ReactNode } from 'react';
import { StoreProvider, useOpening } from '../../live';
import { refused } from './refused';
import { THEME_KEY, usePreference } from '../../ui/preferences';
import { InUnits } from './InUnits';
import { screenOf } from './screens';
import { Signposts } from './Signposts';
import { useServiceWorker } from './useServiceWorker';
import { useShortcuts } from './useShortcuts';

const KeepCopies = dynamic(() => import('./KeepCopies'), { ssr: false });
const NotSaved = dynamic(() => import('./NotSaved'), { ssr: false });
const Notices = dynamic(() => import('./Notices'), { ssr: false });
const ShortcutSheet = dynamic(() => import('./ShortcutSheet'), { ssr: false });

/** The frame of every screen: signposts to the screens, theme, shortcuts, notices. */
export function Shell({ children }: { children: ReactNode }) {
  const pathname = usePathname();
  const here = screenOf(pathname);
  const [theme, setTheme] = usePreference(THEME_KEY, 'day');
  const [sheetOpen, setSheetOpen] = useState(false);
  const opening = useOpening();
  const newVersion = useServiceWorker();
  useShortcuts(() => setSheetOpen(true));
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
        Skip to the screen
      </a>
      {!inGuide && (
        <header className="no-print bg-neutral text-neutral-content">
          <div className="mx-auto flex max-w-[82rem] flex-wrap items-center gap-x-8 gap-y-0 px-4 sm:px-8">
            <Link href="/" className="sign py-1 text-2xl sm:py-3">
              Open Trail
            </Link>
            <Signposts here={here} />
            <div className="ml-auto flex">
              <button
                type="button"
                className="btn btn-ghost px-3 text-neutral-content max-sm:h-11 max-sm:min-h-0"
                aria-label="Shortcuts"
                onClick={() => setSheetOpen(true)}
              >
                <Keyboard aria-hidden size={22} />
              </button>
              <button
                type="button"
                className="btn btn-ghost px-3 text-neutral-content max-sm:h-11 max-sm:min-h-0"
                aria-label={theme === 'day' ? 'Ember theme, for the dark' : 'Day theme'}
                onClick={() => setTheme(theme === 'day' ? 'ember' : 'day')}
              >
                {theme === 'day' ? <Flame aria-hidden size={22} /> : <Sun aria-hidden size={22} />}
              </button>
            </div>
          </div>
        </header>
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
        <main id="main" tabIndex={-1} className="flex flex-1 flex-col outline-none">
          <InUnits>{children}</InUnits>
        </main>
      </StoreProvider>
      {sheetOpen && <ShortcutSheet onClose={() => setSheetOpen(false)} />}
      <Notices />
    </div>
  );
}

function NewVersion() {
  return (
    <p role="status" className="no-print bg-base-200 px-4 py-2 sm:px-8">
      A new version is ready.{' '}
      <button type="button" className="link font-bold" onClick={() => location.reload()}>
        Reload to use it
      </button>
    </p>
  );
}

function Blocked() {
  return (
    <main id="main" className="mx-auto max-w-2xl p-8">
      <h1>Another tab holds an older version</h1>
      <p role="status" className="mt-3">
        Close the other tabs of Open Trail, or reload them; this one goes on by itself. Nothing is
        lost.
      </p>
    </main>
  );
}

function StorageFailed({ error: { name, message } }: { error: Error }) {
  const isNewer = name === 'VersionError';
  return (
    <main id="main" className="mx-auto max-w-2xl p-8">
      <h1>
        {isNewer
          ? 'This data is of a newer version of Open Trail'
          : 'The browser does not let Open Trail store anything'}
      </h1>
      <p className="mt-3">
        {isNewer
          ? 'This page is an older one than wrote it last. Reload it, and close other tabs of Open Trail, until the newer one opens. Nothing of it is lost or changed.'
          : `${message}. Allow storage for this page, or leave the private window, then reload. Nothing has been lost or changed.`}
      </p>
    </main>
  );
}
