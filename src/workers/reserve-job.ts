import type { LoadSpan, ReservePoint, ReserveRange } from '@/core/load';

/** One request to the worker; a newer one makes it drop what it is at. */
export type ReserveJob = {
  readonly job: number;
  readonly lists: readonly (readonly LoadSpan[])[];
  readonly endMs: number;
};

/** The traces of a job's lists, in their order, and how low the hand that gets lowest goes among people. */
export type ReserveReply = {
  readonly job: number;
  readonly traces: readonly (readonly ReservePoint[])[];
  readonly lowest: ReserveRange | null;
};
