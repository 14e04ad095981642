import { Flame, Keyboard, Search, Sun, SunDim, type LucideIcon } from 'lucide-react';
import Link from '../../ui/Link';
import { nextTheme, THEME_KEY, usePreference } from '../../ui/preferences';
import { findWords } from '../../ui/words/findWords';
import { shellWords } from '../../ui/words/screens/shell';
import { themeWords } from '../../ui/words/themeWords';
import { Signposts } from './Signposts';

const THEME_ICONS = { day: SunDim, ember: Flame, sun: Sun } as const;

/** The head of every screen: the signposts, the search, the keys, the theme. */
export function ShellHead(props: { here: string; onFind: () => void; onSheet: () => void }) {
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
