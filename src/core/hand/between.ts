import { thumbOverlapMm } from './contact';
import { AXES } from './joints';
import { blend, fullPose, type FullPose, type Pose } from './pose';

/** A thumb that is out of the way of every finger: out to the side and out of the palm, straight. */
const CLEAR = {
  'thumb.radial': 50,
  'thumb.palmar': 65,
  'thumb.opposition': 10,
  'thumb.mcp': 0,
  'thumb.ip': 0,
} as const;
const THUMB = Object.keys(CLEAR) as readonly (keyof typeof CLEAR)[];
const DIGIT_AXES = AXES.map((a) => a.id).filter((id) => /^(thumb|index|middle|ring|little)\./.test(id));

/** How far out of the way the thumb may go between two poses, as shares of all the way; the first that is enough is taken. */
const WAYS_OUT = [0, 0.25, 0.5, 0.75, 1] as const;
/** Flesh gives way so far, mm. */
const SOFT_MM = 3.5;
const LOOKS = 12;

/** On the way from one pose to another: straight, and where the thumb would run into a finger it first gets out of its way. */
export function between(from: Pose, to: Pose, share: number): FullPose {
  const [a, b] = [fullPose(from), fullPose(to)];
  return along(a, b, share, wayOut(a, b));
}

function along(a: FullPose, b: FullPose, share: number, out: number): FullPose {
  const straight = blend(a, b, share);
  if (out === 0 || share <= 0 || share >= 1) return straight;
  const far = out * Math.sqrt(Math.sin(Math.PI * share));
  const thumb = THUMB.map((id) => [id, straight[id] + (CLEAR[id] - straight[id]) * far]);
  return { ...straight, ...Object.fromEntries(thumb) };
}

const known = new Map<string, number>();
/** More pairs of poses than all movements have. */
const MOST_KNOWN = 4_000;

/** Only the digits decide, so that pairs of poses with the same digits are looked at once. */
function wayOut(a: FullPose, b: FullPose): number {
  if (DIGIT_AXES.every((id) => a[id] === b[id])) return 0;
  const key = DIGIT_AXES.map((id) => `${a[id]} ${b[id]}`).join();
  const before = known.get(key);
  if (before !== undefined) return before;
  if (known.size >= MOST_KNOWN) known.clear();
  const deepest = (out: number) =>
    Math.max(
      ...Array.from({ length: LOOKS }, (_, i) => thumbOverlapMm(along(a, b, (i + 1) / (LOOKS + 1), out))),
    );
  const found = WAYS_OUT.find((out) => deepest(out) <= SOFT_MM) ?? 1;
  known.set(key, found);
  return found;
}
