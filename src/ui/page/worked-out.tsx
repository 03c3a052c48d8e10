import { Link } from './link';

/** The way from a number to where it comes from. `id` is that of a model in catalogue/models. */
export function WorkedOut({ id }: { id: string }) {
  return (
    <Link href={`/models#${id}`} className="underline underline-offset-4">
      How this is worked out
    </Link>
  );
}
