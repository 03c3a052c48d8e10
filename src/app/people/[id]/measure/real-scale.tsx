import { useEffect, useRef, useState } from 'react';
import type { Hand } from '@/core/dose';
import { canSpeakToScales, connectScale, type WeightScale } from '@/devices/weight-scale';
import { Button } from '@/ui/form/button';
import { Trouble } from '@/ui/form/field';
import { usePresses } from './use-presses';
import type { Readings } from './use-readings';

type Props = { first: Hand; readings: Readings; onScale: (name: string) => void };

/** A bathroom scale over Bluetooth: each weight that it sends is a try of the hand whose turn it is. Nothing where the browser cannot. */
export function RealScale({ first, readings, onScale }: Props) {
  const [can, setCan] = useState(false);
  const [scale, setScale] = useState<WeightScale | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const { add, words } = usePresses(first, readings, 'typed');
  const latest = useRef(add);
  useEffect(() => {
    latest.current = add;
  });
  useEffect(() => setCan(canSpeakToScales()), []);
  useEffect(() => () => scale?.disconnect(), [scale]);
  const connect = async () => {
    setTrouble(null);
    try {
      const found = await connectScale(
        (kg) => latest.current(kg),
        () => {
          setScale(null);
          setTrouble('The scale is gone. Switch it on and connect it again; what was read stays.');
        },
      );
      setScale(found);
      onScale(found.name);
    } catch {
      setTrouble('No scale was connected. It has to be on, near, and speak the open weight-scale service.');
    }
  };
  if (!can) return null;
  return (
    <section aria-label="A scale over Bluetooth" className="grid gap-2">
      <div className="flex flex-wrap items-center gap-5">
        {scale ? (
          <p className="text-2xl font-bold" role="status">
            {words}
          </p>
        ) : (
          <Button onClick={() => void connect()}>Connect a scale</Button>
        )}
        {scale && (
          <span className="text-soft">{scale.name} is connected: press until it shows its weight.</span>
        )}
      </div>
      <Trouble message={trouble} />
    </section>
  );
}
