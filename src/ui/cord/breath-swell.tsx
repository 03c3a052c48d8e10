import type { BreathNow } from '@/core/teach';

type Props = {
  breath: BreathNow;
  /** By the height of a screen that is read across a room. */
  size?: 'vh';
};

/** The breath as a bead on its cord: it swells in and falls out. */
export function BreathSwell({ breath: { way, full }, size }: Props) {
  return (
    <p
      className={`flex items-center gap-3 whitespace-nowrap ${size ? 'text-[6vh]' : 'text-[1.3rem] md:text-[1.7rem]'}`}
    >
      <svg width="108" height="64" viewBox="0 0 108 64" aria-hidden="true">
        <path d="M0 32H108" stroke="var(--color-edge)" strokeWidth="2.5" />
        <circle
          cx="54"
          cy="32"
          r={8 + 22 * full}
          fill="var(--color-glide)"
          className="motion-reduce:hidden"
        />
        <circle
          cx="54"
          cy="32"
          r={way === 'in' ? 30 : 10}
          fill="var(--color-glide)"
          className="hidden motion-reduce:block"
        />
      </svg>
      breathe {way}
    </p>
  );
}
