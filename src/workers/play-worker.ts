import { CAUTIONS } from '@/catalogue/cautions/cautions';
import { CATALOGUE } from '@/catalogue/movements';
import { withOwn } from '@/core/catalogue';
import { playTerm } from '@/core/term';
import type { PlayJob, PlayReply } from './play-job';

const reply = (message: PlayReply) => self.postMessage(message);

self.onmessage = ({ data: { term, own, options } }: MessageEvent<PlayJob>) => {
  const facts = { ...term, catalogue: withOwn(CATALOGUE, own), cautions: CAUTIONS };
  reply({ kind: 'done', played: playTerm(facts, options, (plays) => reply({ kind: 'played', plays })) });
};
