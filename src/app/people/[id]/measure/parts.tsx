import Link from 'next/link';

/** What is measured together. */
export const PARTS = [
  { id: 'grip', name: 'Grip' },
  { id: 'press', name: 'Press' },
  { id: 'range', name: 'Wrist range' },
  { id: 'thumb', name: 'Thumb and fingers' },
  { id: 'told', name: 'Task and stiffness' },
] as const;
export type Part = (typeof PARTS)[number]['id'];

export const partFrom = (raw: string | undefined): Part => PARTS.find((p) => p.id === raw)?.id ?? 'grip';

/** From one part to the next. */
export function PartLinks({ personId, part }: { personId: string; part: Part }) {
  return (
    <nav aria-label="What to measure" className="mb-5 flex flex-wrap gap-2 border-b-2 border-line">
      {PARTS.map(({ id, name }) => (
        <Link
          key={id}
          href={`/people/${personId}/measure?what=${id}`}
          aria-current={id === part ? 'page' : undefined}
          className={`inline-flex min-h-11 items-center border-b-4 px-3 ${id === part ? 'border-ink font-bold' : 'border-transparent hover:border-edge'}`}
        >
          {name}
        </Link>
      ))}
    </nav>
  );
}
