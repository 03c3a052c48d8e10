/** Where people go on a measuring day, each with what is measured there and how long one person needs. */
export const STATIONS = [
  { id: 'grip', name: 'Grip', part: 'grip', minutes: 4 },
  { id: 'press', name: 'Press', part: 'press', minutes: 3 },
  { id: 'range', name: 'Range and thumb', part: 'range', minutes: 4 },
] as const;
export type StationId = (typeof STATIONS)[number]['id'];
export const STATION_IDS = STATIONS.map((s) => s.id) as [StationId, ...StationId[]];

/** A visit as it really was: ms since the first one began; null while it is under way. */
export type RealVisit = {
  readonly personId: string;
  readonly station: StationId;
  readonly startMs: number;
  readonly endMs: number | null;
};
