import { practiceClassOf, type PracticeOf } from '@/catalogue/practice-facts';
import type { Box } from '@/core/draw';
import {
  momentAt,
  personNow,
  roomForRow,
  seatsOf,
  type Course,
  type PracticeClass,
  type Seat,
  type Turn,
} from '@/core/practice';
import { oneOfEqual } from '@/core/remember';
import { paintShapes, type InkColours } from './paint-canvas';

/** The class clock as a page has it: at a moment of the page's day, so fast, and round and round where a length is given. */
export type PictureClock = {
  readonly fromMs: number;
  readonly atEpochMs: number;
  readonly rate: number;
  readonly roundMs: number | null;
};

/** What is drawn, as it stands now. */
export type PictureNow = {
  readonly turns: readonly Turn[];
  readonly seen: Pick<Course, 'slips' | 'forms'>;
  readonly clock: PictureClock;
  /** Of the picture, px of the page, and how many of the canvas each has. */
  readonly width: number;
  readonly height: number;
  readonly sharp: number;
  readonly colours: InkColours;
  /** No motion is wanted: drawn anew once a second. */
  readonly still: boolean;
};

export type PictureMessage =
  | { readonly kind: 'begin'; readonly canvas: OffscreenCanvas; readonly of: PracticeOf }
  | { readonly kind: 'now'; readonly now: PictureNow };

/** Width of a person by their height in the row that is drawn now. */
export type PictureReply = { readonly aspect: number };

/** Of a frame, so much goes into drawing people anew; who was drawn longest ago comes first. ms. */
const BUDGET_MS = 10;
const STILL_MS = 1_000;

type Drawn = { readonly image: OffscreenCanvas; atMs: number };
type Stage = {
  readonly cls: PracticeClass;
  readonly context: OffscreenCanvasRenderingContext2D;
  readonly people: readonly Drawn[];
};

let stage: Stage | null = null;
let now: PictureNow | null = null;
let room: { readonly rowId: string | null; readonly box: Box } | null = null;
/** Turns that say the same are one, so that what is worked out from them is found again. */
const same = oneOfEqual<Turn>(50);

self.onmessage = ({ data }: MessageEvent<PictureMessage>) => {
  if (data.kind === 'begin') {
    const cls = practiceClassOf(data.of);
    const context = data.canvas.getContext('2d');
    if (!context) return;
    stage = {
      cls,
      context,
      people: cls.group.map(() => ({ image: new OffscreenCanvas(1, 1), atMs: -Infinity })),
    };
    requestAnimationFrame(draw);
  } else now = { ...data.now, turns: data.now.turns.map(same) };
};

function draw(frameMs: number): void {
  requestAnimationFrame(draw);
  if (!stage || !now) return;
  const atMs = timeOf(now.clock);
  const turn = now.turns.findLast((t) => t.atMs <= atMs) ?? now.turns[0];
  if (!turn) return;
  const { cls, context, people } = stage;
  const moment = momentAt(cls, turn, atMs);
  const { width, height, sharp } = now;
  const isResized = sizedTo(context.canvas, width * sharp, height * sharp);
  const rowId = moment.row?.rowId ?? null;
  if (room === null || room.rowId !== rowId) {
    room = { rowId, box: roomForRow(cls, moment.row) };
    self.postMessage({ aspect: room.box.w / room.box.h } satisfies PictureReply);
  } else if (!isResized && now.still && frameMs - Math.max(...people.map((p) => p.atMs)) < STILL_MS) return;
  const seats = seatsOf(people.length, width, height, room.box.w / room.box.h);
  const began = performance.now();
  const longestAgo = people.map((_, i) => i).sort((a, b) => people[a]!.atMs - people[b]!.atMs);
  for (const [n, i] of longestAgo.entries()) {
    if (n > 0 && !now.still && performance.now() - began > BUDGET_MS) break;
    const shapes = personNow(cls, now.seen, moment, cls.group[i]!);
    paintPerson(people[i]!, seats[i]!, room.box, (context2d) => paintShapes(context2d, shapes, now!.colours));
    people[i]!.atMs = frameMs;
  }
  context.clearRect(0, 0, context.canvas.width, context.canvas.height);
  const away = new Set(moment.state.away.map((a) => a.personId));
  seats.forEach((seat, i) => {
    if (people[i]!.atMs > 0 && !away.has(cls.group[i]!.person.id))
      context.drawImage(people[i]!.image, Math.round(seat.x * sharp), Math.round(seat.y * sharp));
  });
}

function timeOf({ fromMs, atEpochMs, rate, roundMs }: PictureClock): number {
  const gone = (performance.timeOrigin + performance.now() - atEpochMs) * rate;
  return fromMs + (roundMs === null ? gone : gone % roundMs);
}

/** Whether a canvas was of another size; then it is empty. */
function sizedTo(canvas: OffscreenCanvas, width: number, height: number): boolean {
  const [w, h] = [Math.max(1, Math.round(width)), Math.max(1, Math.round(height))];
  if (canvas.width === w && canvas.height === h) return false;
  canvas.width = w;
  canvas.height = h;
  return true;
}

/** A person alone on their own canvas, standing on its lower edge. */
function paintPerson(
  { image }: Drawn,
  seat: Seat,
  box: Box,
  paint: (context: OffscreenCanvasRenderingContext2D) => void,
): void {
  const { sharp } = now!;
  sizedTo(image, Math.ceil(seat.w * sharp), Math.ceil(seat.h * sharp));
  const context = image.getContext('2d');
  if (!context) return;
  const { width: w, height: h } = image;
  context.setTransform(1, 0, 0, 1, 0, 0);
  context.clearRect(0, 0, w, h);
  const scale = Math.min(w / box.w, h / box.h);
  context.setTransform(scale, 0, 0, scale, w / 2 - (box.x + box.w / 2) * scale, h - (box.y + box.h) * scale);
  paint(context);
}
