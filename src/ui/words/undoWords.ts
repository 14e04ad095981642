import { plural } from './plural';

/** What an undo left as it is, as somebody has changed it since; null where it took all back. */
export function leftAsItIs(changedSince: number): string | null {
  return changedSince > 0
    ? `Taken back, but for ${changedSince} changed since: they stay as they are now.`
    : null;
}

/** What was just done, said beside its undo. */
export const undoWords = {
  careDone: (care: string) => `${care}: done.`,
  carePutOff: (care: string) => `${care}: put off.`,
  careEvery: (care: string, every: number) => `${care}: every ${every} from now on.`,
  setRight: (entries: number) => `${plural(entries, 'entry is', 'entries are')} set right.`,
  changedSince: 'It was changed again since: take that back first.',
  takenBack: 'Taken back.',
  isMended: (what: string) => `${what} is mended.`,
  pictureKept: 'The picture is saved.',
  pictureRemoved: 'The picture is removed.',
  isSetAside: (what: string) => `${what} is set aside.`,
};
