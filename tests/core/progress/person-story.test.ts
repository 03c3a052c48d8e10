import { storyWords, type ClassStory } from '@/core/progress/person-story';
import { NOTHING_NEW } from '@/core/screening';
import { prefilledLine } from '@/core/teach';

const line = prefilledLine('00000000-0000-4000-8000-000000000001', [], String);
const story = (over: Partial<ClassStory>): string =>
  storyWords({ said: null, line, decisions: [], homeDays: null, incidents: [], ...over });

test.each([
  [{}, 'Came, all as usual.'],
  [{ line: null }, 'Not written up yet.'],
  [{ line: { ...line, present: false } }, 'Did not come.'],
  [
    {
      line: {
        ...line,
        painAfterLeft: 4,
        effort: 5,
        adapted: 'Ball squeeze: sore',
        notes: 'Left before the end.',
      },
      said: { ...NOTHING_NEW, painLeft: 2, hotHand: 'L' as const, words: 'since Sunday' },
    },
    'Came; pain after 4 left; effort 5; Ball squeeze: sore; Left before the end. At the door: pain 2 left; hot. “since Sunday”.',
  ],
  [
    {
      decisions: [
        { family: 'grip', taken: 'accepted' as const, takenRungs: -1 },
        { family: 'load', taken: 'changed' as const, takenRungs: -1 },
        { family: 'stretch', taken: 'left' as const, takenRungs: null },
        { family: 'mobility', taken: 'accepted' as const, takenRungs: 0 },
      ],
    },
    'Came, all as usual. Grip and load: 1 rung back. Mobility: the same rung.',
  ],
  [{ homeDays: 0 }, 'Came, all as usual. A home card, nothing told of it.'],
  [
    { homeDays: 3, incidents: ['a sharp pain'] },
    'Came, all as usual. Incident: a sharp pain. At home on 3 days.',
  ],
])('%j is told as “%s”', (over, words) => {
  expect(story(over)).toBe(words);
});
