import loadHighs from 'highs';
import { factsOf } from '@/catalogue/class-facts';
import { TASKS } from '@/catalogue/tasks';
import { answerOf, draftClass, SOLVER_OPTIONS, type Solve } from '@/core/draft';
import type { DraftJob, DraftReply } from './draft-job';

const MAX_SECONDS = 20;

const reply = (message: DraftReply) => self.postMessage(message);

self.onmessage = async ({ data }: MessageEvent<DraftJob>) => {
  const highs = await loadHighs({ locateFile: () => '/solver' });
  let times = 0;
  const solve: Solve = (lp) => {
    times += 1;
    reply({ kind: 'asked', times });
    return answerOf(highs.solve(lp, { ...SOLVER_OPTIONS, time_limit: MAX_SECONDS }));
  };
  const { room, lately, wish, breathMs, wayIn } = data;
  const given = { facts: factsOf(room), lately, breathMs, wayIn, tasks: TASKS };
  reply({ kind: 'done', result: draftClass(given, wish, solve) });
};
