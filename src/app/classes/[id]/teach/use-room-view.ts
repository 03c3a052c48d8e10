'use client';

import { useMemo } from 'react';
import type { Catalogue } from '@/core/catalogue/movement';
import { doseWords } from '@/core/dose/describe';
import type { TaughtRow } from '@/core/teach/class-script';
import type { RoomRow, RoomView } from '@/core/teach/room';
import { useCatalogue } from '@/ui/catalogue';
import type { Teaching } from './use-teaching';
import type { Ways } from './use-ways';

type ClassClock = Pick<RoomView, 'classId' | 'startedAtMs' | 'rate'>;

/** What the room is told of the class: no names, no notes. */
export function useRoomView(
  { classId, startedAtMs, rate }: ClassClock,
  { rows, state }: Teaching,
  { mirror, style }: Ways,
): RoomView {
  const catalogue = useCatalogue();
  return useMemo(() => {
    const row = rows[state.rowIndex];
    return {
      classId,
      startedAtMs,
      rate,
      state: { ...state, changes: [], ways: [] },
      row: row ? roomRow(row, catalogue) : null,
      next: rows[state.rowIndex + 1]?.title ?? '',
      mirror,
      style,
    };
  }, [classId, startedAtMs, rate, rows, state, mirror, style, catalogue]);
}

function roomRow({ kind, title, countMs, beats, voice, row }: TaughtRow, catalogue: Catalogue): RoomRow {
  const planned = row.kind === 'movement' ? row : null;
  return {
    kind,
    title,
    countMs,
    beats,
    voice,
    dose: planned ? doseWords(planned.dose) : '',
    figure: (planned && catalogue.figure(planned.movementId)) ?? null,
  };
}
