import { Link } from './link';

type Props<Id extends string> = {
  label: string;
  parts: readonly { readonly id: Id; readonly name: string }[];
  chosen: Id;
  hrefOf: (id: Id) => string;
};

/** From one part of a page to the next; not on paper. */
export function PartLinks<Id extends string>({ label, parts, chosen, hrefOf }: Props<Id>) {
  return (
    <nav aria-label={label} className="no-print mb-5 flex flex-wrap gap-2 border-b-2 border-line">
      {parts.map(({ id, name }) => (
        <Link
          key={id}
          href={hrefOf(id)}
          aria-current={id === chosen ? 'page' : undefined}
          className={`inline-flex min-h-11 items-center border-b-4 px-3 ${id === chosen ? 'border-ink font-bold' : 'border-transparent hover:border-edge'}`}
        >
          {name}
        </Link>
      ))}
    </nav>
  );
}
