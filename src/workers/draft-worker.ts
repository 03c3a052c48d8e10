import loadHighs from 'highs';
import { factsOf } from '@/catalogue/class-facts';
import { TASKS } from '@/catalogue/tasks';
import { draftClass, type Solve } from '@/core/draft/draft';
import type { DraftJob, DraftReply } from './draft-job';

/** Within this share of the best that is possible, a selection counts as proven. */
const GAP = 0.01;
const MOST_SECONDS = 20;

const reply = (message: DraftReply) => self.postMessage(message);

self.onmessage = async ({ data }: MessageEvent<DraftJob>) => {
  const highs = await loadHighs({ locateFile: () => '/solver' });
  let times = 0;
  const solve: Solve = (lp) => {
    times += 1;
    reply({ kind: 'asked', times });
    const { Status, Columns } = highs.solve(lp, { mip_rel_gap: GAP, time_limit: MOST_SECONDS });
    if (Status !== 'Optimal' && Status !== 'Time limit reached') return null;
    const taken = Object.entries(Columns).flatMap(([name, column]) =>
      'Primal' in column && (column.Primal ?? 0) > 0.5 ? [name] : [],
    );
    return { taken: new Set(taken), proven: Status === 'Optimal' };
  };
  const { room, lately, wish, breathMs } = data;
  const given = { facts: factsOf(room), lately, breathMs, tasks: TASKS };
  reply({ kind: 'done', result: draftClass(given, wish, solve) });
};
