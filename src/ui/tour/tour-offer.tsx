'use client';

import { Button } from '../form/button';
import { setTour, useTour } from './tour-state';

/** The way into the tour, where the data is the demo's. */
export function TourOffer({ classId }: { classId: string }) {
  const place = useTour();
  if (place) return null;
  return <Button onClick={() => setTour({ step: 0, classId })}>A tour in five steps</Button>;
}
