import type { BackupKind } from './header';

/** What is known of a backup from its file alone. */
export type BackupFile = {
  readonly name: string;
  readonly kind: BackupKind;
  /** Local day and time that it was made, as its name says: "2026-11-27 02:51". */
  readonly made: string;
  readonly bytes: number;
};

const WORDS: Readonly<Record<BackupKind, string>> = {
  daily: 'daily',
  'asked for': 'asked',
  'before a restore': 'before',
  brought: 'brought',
};
const PATTERN = /^(\d{4}-\d{2}-\d{2})-(\d{2})(\d{2})(\d{2})-(daily|asked|before|brought)\.oskil$/;

/** "2026-11-27-025104-daily.oskil": sorts by when it was made. */
export const backupName = (day: string, time: string, kind: BackupKind): string =>
  `${day}-${time.replaceAll(':', '')}-${WORDS[kind]}.oskil`;

/** What a name says; null for a file that is none of ours. */
export function readBackupName(name: string): Pick<BackupFile, 'name' | 'kind' | 'made'> | null {
  const match = PATTERN.exec(name);
  if (!match) return null;
  const [, day, hours, minutes, , word] = match;
  const kind = (Object.keys(WORDS) as BackupKind[]).find((k) => WORDS[k] === word)!;
  return { name, kind, made: `${day} ${hours}:${minutes}` };
}

/** So many of each kind are kept. */
export const KEPT = 14;

/**
 * The backups that are one too many of their kind, those to go first in front. The one just made is never among them. Those with a
 * later date than it were made by a clock that ran ahead, so that nobody knows how old they are: they go before the others.
 */
export function toRemove(names: readonly string[], made: string): readonly string[] {
  const known = names.map(readBackupName).filter((b) => b !== null);
  return Object.keys(WORDS).flatMap((kind) => {
    const own = known
      .filter((b) => b.kind === kind)
      .map((b) => b.name)
      .sort();
    const later = own.filter((name) => name > made);
    const inTurn = [...later, ...own.filter((name) => name <= made)].filter((name) => name !== made);
    return inTurn.slice(0, Math.max(0, own.length - KEPT));
  });
}

/** Whether a daily backup is due: none was made today yet, and nobody is teaching. */
export const isDue = (names: readonly string[], today: string, teaching: boolean): boolean =>
  !teaching && !names.some((n) => readBackupName(n)?.kind === 'daily' && n.startsWith(today));
