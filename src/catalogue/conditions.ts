import type { Condition } from '@/core/screening';

const hand = (id: string, name: string, definition: string): Condition => ({
  id,
  name,
  definition,
  sided: true,
});
const whole = (id: string, name: string, definition: string): Condition => ({
  id,
  name,
  definition,
  sided: false,
});

export const CONDITIONS: readonly Condition[] = [
  hand('hand-oa', 'Hand osteoarthritis', 'Worn finger joints'),
  hand('thumb-base', 'Thumb-base arthritis', 'Worn joint at the base of the thumb (CMC)'),
  hand('inflammatory', 'Inflammatory arthritis', 'Joints inflamed by the immune system'),
  hand('wrist-fracture', 'Wrist or hand fracture', 'Broken within 12 weeks, or not cleared yet'),
  hand('old-fracture', 'Old wrist fracture, stiff', 'Healed, with less movement than before'),
  hand('median-nerve', 'Median-nerve trouble', 'Tingling or numbness, carpal tunnel'),
  hand('trigger-finger', 'Trigger finger', 'A finger that catches or locks'),
  hand('thumb-tendon', 'Thumb-side wrist tendon pain', 'Painful tendons at the thumb side of the wrist'),
  hand('palm-cord', 'Palm cord contracture', 'A cord in the palm draws a finger in'),
  hand('one-sided-weakness', 'One-sided weakness', 'After a stroke or the like'),
  hand('reduced-feeling', 'Reduced feeling', 'Less touch, heat or pain felt in the hand'),
  hand('hand-surgery', 'Recent hand surgery or injection', 'Within the time the clinician named'),
  hand(
    'joint-repair',
    'Finger joint replacement, tendon repair or wrist fusion',
    'A joint or tendon that was operated on',
  ),
  hand('swollen-arm', 'Swollen arm or lymph trouble', 'An arm that swells'),
  hand('fall', 'Fall with pain, not X-rayed', 'Fell since the last class and it still hurts'),
  hand('hand-unseen', 'Hand trouble not looked into', 'No clinician has seen it yet'),
  hand('painful-today', 'Painful today', 'What was said at the door'),
  hand('hot-today', 'Hot or swollen today', 'What was said at the door'),
  hand('numb-today', 'Newly numb or tingling', 'What was said at the door'),
  hand('fixed-ring', 'Ring that does not come off', 'A ring that stays on'),
  whole('osteoporosis', 'Osteoporosis or osteopenia', 'Thin bones'),
  whole('spine-fracture', 'Past spine fracture', 'A vertebra that has broken or collapsed'),
  whole('balance', 'Dizziness, faints or balance trouble', 'Unsteady, or light-headed at times'),
  whole('fragile-skin', 'Fragile skin or blood thinners', 'Skin that tears or bruises easily'),
  whole('blood-pressure', 'High blood pressure or heart disease', 'High or unstable'),
  whole('shoulder', 'Neck or shoulder trouble', 'Pain, stiffness or a replaced shoulder'),
  whole('tremor', 'Tremor', 'Shaking of the hands'),
  whole('memory', 'Memory or attention difficulty', 'Long instructions get lost'),
  whole('poor-sight', 'Poor sight', 'Cannot see the instructor’s hands well'),
  whole('poor-hearing', 'Poor hearing', 'Cannot follow spoken counts well'),
  whole('eye-pressure', 'Eye pressure', 'Glaucoma or the like'),
  whole('cold-fingers', 'Cold, whitening fingers', 'Fingers that go white in the cold'),
  whole('pacemaker', 'Pacemaker or similar', 'A device that magnets may disturb'),
  whole('illness-unseen', 'Unwell, not looked into', 'No clinician has seen them since'),
  whole('stiff-today', 'Stiff this morning', 'Stiff for more than half an hour today'),
  whole('unwell-today', 'Unwell or light-headed today', 'What was said at the door'),
  whole('new-today', 'Something new today', 'Said at the door, and not looked into yet'),
  whole('latex', 'Latex allergy', 'Must not touch latex'),
];

/** What is kept on somebody's record: all but what is said at the door of one class. */
export const RECORDED: readonly Condition[] = CONDITIONS.filter((c) => !c.id.endsWith('-today'));
