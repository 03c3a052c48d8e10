type Props = { notShown: readonly { readonly name: string; readonly titles: readonly string[] }[] };

/** Who has yet to see what: people who joined late or were away. */
export function NotShown({ notShown }: Props) {
  if (notShown.length === 0) return null;
  return (
    <section aria-label="Not shown yet" className="mt-10">
      <h2 className="text-xl">Not shown yet</h2>
      <p className="text-soft">Movements of this class that somebody has not been there for.</p>
      <ul className="mt-2">
        {notShown.map(({ name, titles }) => (
          <li key={name} className="border-b py-1.5">
            <strong>{name}:</strong> {titles.join(', ')}
          </li>
        ))}
      </ul>
    </section>
  );
}
