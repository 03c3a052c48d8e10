import type { BreathNow } from '@/core/teach/breath';

/** The breath as a bead on its cord: it swells in and falls out. */
export function BreathSwell({ breath: { way, full } }: { breath: BreathNow }) {
  return (
    <p className="flex items-center gap-3 text-[1.7rem]">
      <svg width="130" height="84" viewBox="0 0 130 84" aria-hidden="true">
        <path d="M0 42H130" stroke="var(--color-edge)" strokeWidth="2.5" />
        <circle
          cx="65"
          cy="42"
          r={10 + 30 * full}
          fill="var(--color-glide)"
          className="motion-reduce:hidden"
        />
        <circle
          cx="65"
          cy="42"
          r={way === 'in' ? 38 : 12}
          fill="var(--color-glide)"
          className="hidden motion-reduce:block"
        />
      </svg>
      breathe {way}
    </p>
  );
}
