/** The mark: two beads on a cord. */
export function BrandMark() {
  return (
    <svg width="56" height="24" viewBox="0 0 56 24" aria-hidden="true">
      <path d="M0 12H56" stroke="var(--color-ink)" strokeWidth="2" />
      <circle cx="19" cy="12" r="9.5" fill="var(--color-grip)" stroke="var(--color-ink)" />
      <circle cx="38" cy="12" r="6.5" fill="var(--color-glide)" stroke="var(--color-ink)" />
    </svg>
  );
}
