import { startTime } from '@/core/teach/start-time';

const booked = { day: '2026-11-25', startsAt: '11:00', slotMinutes: 30 };

test('on time, early or a minute late: as booked', () => {
  for (const now of ['10:50', '11:00', '11:01'])
    expect(startTime(booked, booked.day, now)).toEqual({ kind: 'as booked' });
  expect(startTime(booked, booked.day, null)).toEqual({ kind: 'as booked' });
});

test('eight minutes late: it may end as booked or after the whole slot', () => {
  expect(startTime(booked, booked.day, '11:08')).toEqual({
    kind: 'late',
    now: '11:08',
    lateMinutes: 8,
    asBooked: '11:30',
    wholeSlot: '11:38',
    leftMinutes: 22,
  });
});

test('with next to nothing left there is nothing to choose, and another day is told', () => {
  expect(startTime(booked, booked.day, '11:27')).toEqual({ kind: 'as booked' });
  expect(startTime(booked, '2026-11-28', '06:00')).toEqual({ kind: 'another day', day: '2026-11-25' });
});

test('a class late in the evening ends after midnight', () => {
  const late = { ...booked, startsAt: '23:40' };
  expect(startTime(late, late.day, '23:50')).toMatchObject({ asBooked: '00:10', wholeSlot: '00:20' });
});
