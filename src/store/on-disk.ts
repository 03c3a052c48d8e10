import { closeSync, fdatasyncSync, fsyncSync, openSync, promises as files } from 'node:fs';
import { basename, dirname } from 'node:path';
import type { PGlite } from '@electric-sql/pglite';
import { NodeFS } from '@electric-sql/pglite/nodefs';

/**
 * PGlite's engine asks its file system to put on the disk what must be there before it goes on, and its file system does nothing of
 * the kind. This one does. The engine is then as safe from a power cut as a PostgreSQL server, given that it is started with
 * `ON_DISK`.
 *
 * Its log alone is put off, so that the process does not stand still at each commit: a commit is on the disk once `whenOnDisk` has
 * passed, which every answer waits for (store/pglite.ts) and which those that come at once share. Until then nothing else of the
 * engine's is written: the log goes first.
 */
export class OnDiskFs extends NodeFS {
  readonly #log = new PutOffLog();

  override async init(pg: PGlite, options: Options): ReturnType<NodeFS['init']> {
    const made = await super.init(pg, options);
    const { preRun = [] } = made.emscriptenOpts as Options;
    const patch = (module: unknown) => withSyncs(module as Emscripten, this.#log);
    return { emscriptenOpts: { ...made.emscriptenOpts, preRun: [patch, ...[preRun].flat()] } as Options };
  }

  /** Resolves when all that was committed before is on the disk. Rejects with the code `not-on-disk` when the disk did not take it. */
  whenOnDisk(): Promise<void> {
    return this.#log.settled();
  }
}

/** How the engine is started, so that it asks for what it needs to be on the disk. */
export const ON_DISK: readonly string[] = [
  ...['-c', 'fsync=on'],
  // The one way to ask that reaches a file system of Emscripten.
  ...['-c', 'wal_sync_method=fsync'],
  ...['-c', 'full_page_writes=on'],
  ...['-c', 'synchronous_commit=on'],
];

/** The disk did not take what was committed; what comes after it cannot be trusted to be there either. */
class NotOnDisk extends Error {
  readonly code = 'not-on-disk';
  constructor(cause: unknown) {
    super('The disk did not take what was written', { cause });
  }
}

/** Files of the log of which the newest writes are not yet on the disk. */
class PutOffLog {
  /** Writes that were to be on the disk, counted; and up to which of them are. */
  #asked = 0;
  #done = 0;
  #waiting = new Set<string>();
  #underWay: readonly string[] = [];
  #running: Promise<void> | null = null;
  #failure: NotOnDisk | null = null;

  putOff(path: string): void {
    this.#asked += 1;
    this.#waiting.add(path);
  }

  /** Before anything but the log is written: now, and while the engine waits. */
  settleNow(): void {
    if (this.#failure) throw this.#failure;
    if (this.#done >= this.#asked) return;
    try {
      for (const path of new Set([...this.#underWay, ...this.#waiting])) syncFile(path);
    } catch (error) {
      throw this.#fail(error);
    }
    this.#waiting.clear();
    this.#done = this.#asked;
  }

  async settled(): Promise<void> {
    const wanted = this.#asked;
    while (this.#done < wanted) {
      if (this.#failure) throw this.#failure;
      this.#running ??= this.#sync();
      await this.#running;
    }
    if (this.#failure) throw this.#failure;
  }

  async #sync(): Promise<void> {
    const upTo = this.#asked;
    this.#underWay = [...this.#waiting];
    this.#waiting.clear();
    try {
      for (const path of this.#underWay) await syncFileAside(path);
      this.#done = Math.max(this.#done, upTo);
    } catch (error) {
      throw this.#fail(error);
    } finally {
      this.#underWay = [];
      this.#running = null;
    }
  }

  #fail(error: unknown): NotOnDisk {
    return (this.#failure ??= new NotOnDisk(error));
  }
}

function syncFile(path: string): void {
  const file = openSync(path, 'r+');
  try {
    fdatasyncSync(file);
  } finally {
    closeSync(file);
  }
}

async function syncFileAside(path: string): Promise<void> {
  const file = await files.open(path, 'r+');
  try {
    await file.datasync();
  } finally {
    await file.close();
  }
}

type Options = Parameters<NodeFS['init']>[1];

/** What of Emscripten's file system on Node is changed here. */
type Emscripten = { readonly NODEFS: NodeFsOps; readonly FS: { ErrnoError: new (code: number) => Error } };
type Op = (...args: never[]) => unknown;
type NodeFsOps = {
  readonly realPath: (node: unknown) => string;
  readonly stream_ops: Record<string, Op>;
  readonly node_ops: Record<string, Op>;
};
type Stream = { readonly nfd: number; readonly node: unknown; readonly shared: { isLog?: boolean } };

/** A log file of the engine, and not one that it is only preparing. */
const isLog = (path: string): boolean =>
  basename(dirname(path)) === 'pg_wal' && /^[0-9A-F]{24}$/.test(basename(path));

/** Emscripten's number for an error of the disk. */
const EIO = 29;
/** Files and folders are for whoever runs Oskil alone. */
const OWN = ~0o077;

function withSyncs({ NODEFS, FS }: Emscripten, log: PutOffLog): void {
  const { stream_ops: streams, node_ops: nodes, realPath } = NODEFS;
  const orDiskError = <T>(work: () => T): T => {
    try {
      return work();
    } catch (error) {
      throw error instanceof NotOnDisk ? new FS.ErrnoError(EIO) : error;
    }
  };
  const logFirst = () => orDiskError(() => log.settleNow());

  const { open, write } = streams as {
    open: (s: Stream) => void;
    write: (s: Stream, ...rest: never[]) => number;
  };
  streams.open = (stream: Stream) => {
    open(stream);
    stream.shared.isLog = isLog(realPath(stream.node));
  };
  streams.write = (stream: Stream, ...rest: never[]) => {
    if (!stream.shared.isLog) logFirst();
    return write(stream, ...rest);
  };
  streams.fsync = (stream: Stream) => {
    if (stream.shared.isLog) log.putOff(realPath(stream.node));
    else
      orDiskError(() => {
        log.settleNow();
        fsyncSync(stream.nfd);
      });
    return 0;
  };
  for (const [ops, names] of [
    [streams, ['setattr']],
    [nodes, ['setattr', 'rename', 'unlink', 'mknod']],
  ] as const)
    for (const name of names) {
      const before = ops[name]!;
      ops[name] = (...args) => {
        logFirst();
        return before(...args);
      };
    }
  asOwn(nodes);
}

/** Whatever the engine makes is not for others to read. */
function asOwn(nodes: Record<string, Op>): void {
  const { mknod, setattr } = nodes as {
    mknod: (parent: unknown, name: string, mode: number, dev: number) => unknown;
    setattr: (node: unknown, attr: { mode?: number }) => void;
  };
  nodes.mknod = (parent: unknown, name: string, mode: number, dev: number) =>
    mknod(parent, name, mode & OWN, dev);
  nodes.setattr = (node: unknown, attr: { mode?: number }) =>
    setattr(node, typeof attr.mode !== 'number' ? attr : { ...attr, mode: attr.mode & OWN });
}
