'use client';

import { useState } from 'react';
import { addDays } from '@/core/days';
import type { LoggedDay } from '@/store/home';
import { requestJson } from '@/ui/request-json';
import { shortDay } from '@/ui/words/dates';
import { inputClass, Trouble } from '@/ui/form/field';

type Props = { cardId: string; classDay: string; today: string; logged: readonly LoggedDay[] };

const DAYS = 7;

/** What the person says they did, day by day; kept as it is chosen. */
export function ToldDays({ cardId, classDay, today, logged }: Props) {
  const [told, setTold] = useState<Readonly<Record<string, number>>>(
    Object.fromEntries(logged.map((l) => [l.day, l.times])),
  );
  const [trouble, setTrouble] = useState<string | null>(null);
  const days = Array.from({ length: DAYS }, (_, i) => addDays(classDay, i + 1)).filter((d) => d <= today);
  if (days.length === 0) return null;
  const tell = async (day: string, times: number) => {
    const before = told;
    setTold({ ...told, [day]: times });
    const result = await requestJson('POST', `/api/home/${cardId}`, { day, times });
    setTrouble(result.ok ? null : result.message);
    if (!result.ok) setTold(before);
  };
  return (
    <fieldset className="mt-3">
      <legend className="font-semibold">Done at home, as told</legend>
      <div className="flex flex-wrap gap-3">
        {days.map((day) => (
          <label key={day} className="grid">
            <span className="text-sm">{shortDay(day)}</span>
            <select
              className={`${inputClass} max-w-28`}
              value={told[day] ?? ''}
              onChange={(e) => void tell(day, Number(e.target.value))}
            >
              <option value="" disabled>
                not asked
              </option>
              {Array.from({ length: 7 }, (_, n) => (
                <option key={n} value={n}>
                  {n === 0 ? 'none' : n === 1 ? 'once' : `${n} times`}
                </option>
              ))}
            </select>
          </label>
        ))}
      </div>
      <Trouble message={trouble} />
    </fieldset>
  );
}
