'use client';

import { primaryCount, type Dose } from '@/core/dose';
import { Button } from '@/ui/form/button';
import { NumberField } from './number-field';
import { TextCommit } from './text-commit';

type Props = { dose: Dose; onChange: (dose: Dose) => void };
type Layer = NonNullable<Dose['layers']>[number];

const FIRST: readonly Layer[] = [{ name: 'small' }, { name: 'larger' }];
const MAX_LAYERS = 6;

/** A name to begin with that no layer has yet. */
function freeName(layers: readonly Layer[]): string {
  let n = layers.length + 1;
  while (layers.some((l) => l.name === `layer ${n}`)) n++;
  return `layer ${n}`;
}

/** What is built up in a row: each layer has a name that is said as it begins, and its own count. */
export function LayerFields({ dose, onChange }: Props) {
  const { layers } = dose;
  const set = (next: readonly Layer[]) => {
    const { layers: _, ...rest } = dose;
    onChange(next.length < 2 ? rest : { ...rest, layers: [...next] });
  };
  if (!layers)
    return (
      <Button look="quiet" className="self-end" onClick={() => set(FIRST)}>
        Build it up in layers
      </Button>
    );
  return (
    <fieldset className="grid w-full gap-2">
      <legend className="font-semibold">Built up in layers</legend>
      {layers.map((layer, i) => (
        <div key={`${i} ${layer.name}`} className="flex flex-wrap items-end gap-3">
          <TextCommit
            label={`Layer ${i + 1}`}
            most={40}
            needed="A layer needs a name"
            value={layer.name}
            onChange={(name) => set(layers.map((l, at) => (at === i ? { ...l, name } : l)))}
          />
          {dose.count.mode !== 'time' && (
            <NumberField
              label={`Count of layer ${i + 1}`}
              value={layer.n ?? primaryCount(dose.count)}
              min={1}
              max={100}
              onChange={(n) => set(layers.map((l, at) => (at === i ? { ...l, n } : l)))}
            />
          )}
          <Button
            look="quiet"
            aria-label={`Remove layer ${i + 1}`}
            onClick={() => set(layers.filter((_, at) => at !== i))}
          >
            Remove
          </Button>
        </div>
      ))}
      <Button
        className="justify-self-start"
        disabled={layers.length >= MAX_LAYERS}
        onClick={() => set([...layers, { name: freeName(layers) }])}
      >
        Add a layer
      </Button>
    </fieldset>
  );
}
