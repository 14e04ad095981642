'use client';

import { shellWords as say, shellWords } from '../../ui/words/shellWords';
import dynamic from 'next/dynamic';
import { usePathname, useSearchParams } from 'next/navigation';
import { Suspense, useEffect, useState, type ReactNode, Fragment, useRef } from 'react';
import { StoreProvider, useOpening, useSettings } from '../../live';
import { THEME_KEY, usePreference, nextTheme } from '../../ui/preferences';
import { screenOf } from './screens';
import { useShortcuts } from './useShortcuts';
import { notice } from '../../ui/notice';
import { failureWords } from '../../ui/words/failureWords';
import { setUnits } from '../../ui/units';
import { Flame, Keyboard, Search, Sun, SunDim, type LucideIcon } from 'lucide-react';
import Link from '../../ui/Link';
import { findWords } from './words/findWords';
import { themeWords } from './words/themeWords';
import { Signposts } from './Signposts';

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
        {say.closeOtherTabs}
      </p>
    </main>
  );
}

function StorageFailed({ error: { name, message } }: { error: Error }) {
  const isNewer = name === 'VersionError';
  return (
    <main id="main" className="mx-auto max-w-2xl p-8">
      <h1>{isNewer ? say.dataOfNewerVersion : say.theBrowserDoesNotLet}</h1>
      <p className="mt-3">{isNewer ? say.thisPageIsAnOlder : say.allowStorage(message)}</p>
    </main>
  );
}

/** Says that what was entered is not valid: it is to be mended where it was entered. */
function refused(error: Error): void {
  void notice(failureWords(error), { stays: true });
}

/** Everything below speaks in the units of the settings, and is drawn anew when they change. */
function InUnits({ children }: { children: ReactNode }) {
  const units = useSettings()?.units;
  if (!units) return null;
  setUnits(units);
  return <Fragment key={units}>{children}</Fragment>;
}

const FIRST_SCREEN_MS = 1200;

/** Registers the worker that keeps the application offline; true once a newer version waits. */
function useServiceWorker(): boolean {
  const [newVersion, setNewVersion] = useState(false);
  useEffect(() => {
    if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return;
    const hadWorker = navigator.serviceWorker.controller !== null;
    const onChange = (): void => {
      if (hadWorker) setNewVersion(true);
    };
    navigator.serviceWorker.addEventListener('controllerchange', onChange);
    // The first screen comes first: the worker then fetches everything else.
    const later = setTimeout(
      () => void navigator.serviceWorker.register('/sw.js', { updateViaCache: 'none' }),
      FIRST_SCREEN_MS,
    );
    return () => {
      clearTimeout(later);
      navigator.serviceWorker.removeEventListener('controllerchange', onChange);
    };
  }, []);
  return newVersion;
}

/** What in an address names another record; the rest only turns over what is shown of it. */
const NAMES_A_RECORD = ['id', 'tool', 'zone', 'session', 'trip', 'job'];
/** A screen that is still read gets its heading within this time (ms). */
const WAIT_MS = 3000;

/** After a move within the application the new screen's heading has the focus, so that it is read out. */
function FocusHeading() {
  const pathname = usePathname();
  const params = useSearchParams();
  const place = [pathname, ...NAMES_A_RECORD.map((name) => params.get(name) ?? '')].join(' ');
  const before = useRef(place);
  useEffect(() => {
    if (before.current === place) return;
    before.current = place;
    const main = document.getElementById('main');
    if (!main) return;
    const focus = (): boolean => {
      const heading = main.querySelector('h1');
      if (!heading) return false;
      heading.tabIndex = -1;
      heading.focus({ preventScroll: true });
      return true;
    };
    if (focus()) return;
    const observer = new MutationObserver(() => focus() && observer.disconnect());
    observer.observe(main, { childList: true, subtree: true });
    const late = setTimeout(() => observer.disconnect(), WAIT_MS);
    return () => {
      observer.disconnect();
      clearTimeout(late);
    };
  }, [place]);
  return null;
}

const THEME_ICONS = { day: SunDim, ember: Flame, sun: Sun } as const;

/** The head of every screen: the signposts, the search, the keys, the theme. */
function ShellHead(props: { here: string; onFind: () => void; onSheet: () => void }) {
  const { here, onFind, onSheet } = props;
  const [theme, setTheme] = usePreference(THEME_KEY, 'day');
  const next = nextTheme(theme);
  return (
    <header className="no-print bg-neutral text-neutral-content">
      <div className="mx-auto flex max-w-[82rem] flex-wrap items-center gap-x-8 gap-y-0 px-4 sm:px-8">
        <Link href="/" className="sign inline-flex min-h-[48px] items-center text-2xl sm:min-h-14">
          {shellWords.name}
        </Link>
        <Signposts here={here} />
        <div className="ml-auto flex">
          <HeadButton icon={Search} label={findWords.title} onTap={onFind} />
          <HeadButton icon={Keyboard} label={shellWords.shortcuts} hasKeys onTap={onSheet} />
          <HeadButton
            icon={THEME_ICONS[next]}
            label={themeWords[next]}
            onTap={() => setTheme(next)}
          />
        </div>
      </div>
    </header>
  );
}

function HeadButton(props: {
  icon: LucideIcon;
  label: string;
  /** Whether it is of use with keys alone: a phone does without it. */
  hasKeys?: boolean;
  onTap: () => void;
}) {
  const { icon: Icon, label, hasKeys = false, onTap } = props;
  return (
    <button
      type="button"
      className={`btn btn-ghost h-[48px] px-3 text-neutral-content ${hasKeys ? 'max-sm:hidden' : ''}`}
      aria-label={label}
      title={label}
      onClick={onTap}
    >
      <Icon aria-hidden size={22} />
    </button>
  );
}
