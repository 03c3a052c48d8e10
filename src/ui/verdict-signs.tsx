import type { Purpose } from '@/core/catalogue';
import type { Verdict, VerdictKind } from '@/core/screening';

export const VERDICT_WORDS: Record<VerdictKind, string> = {
  do: 'do',
  adapt: 'adapt',
  swap: 'swap',
  leaveOut: 'leave out',
};

/** A verdict as a bead, shape first: filled, half, two small, empty. */
function VerdictShape({ kind, x, r }: { kind: VerdictKind; x: number; r: number }) {
  const y = 12;
  switch (kind) {
    case 'do':
      return <circle cx={x} cy={y} r={r} fill="var(--color-ink)" />;
    case 'adapt':
      return (
        <g>
          <circle
            cx={x}
            cy={y}
            r={r - 1}
            fill="var(--color-paper)"
            stroke="var(--color-ink)"
            strokeWidth="2"
          />
          <path d={`M${x} ${y - r}a${r} ${r} 0 0 0 0 ${2 * r}z`} fill="var(--color-ink)" />
        </g>
      );
    case 'swap':
      return (
        <g fill="var(--color-glide)">
          <circle cx={x - r * 0.52} cy={y} r={r * 0.56} />
          <circle cx={x + r * 0.68} cy={y} r={r * 0.56} />
        </g>
      );
    case 'leaveOut':
      return (
        <circle
          cx={x}
          cy={y}
          r={r - 1.2}
          fill="var(--color-paper)"
          stroke="var(--color-load)"
          strokeWidth="2.4"
        />
      );
  }
}

export function VerdictMark({ kind }: { kind: VerdictKind }) {
  return (
    <svg width="24" height="24" viewBox="0 0 24 24" aria-hidden="true">
      <VerdictShape kind={kind} x={12} r={7.5} />
    </svg>
  );
}

type Hands = { readonly [hand in 'L' | 'R']: { readonly kind: VerdictKind } };

/** One bead when both hands agree, otherwise left and right side by side. */
export function HandsMark({ verdict }: { verdict: Hands }) {
  if (verdict.L.kind === verdict.R.kind) return <VerdictMark kind={verdict.L.kind} />;
  return (
    <svg width="30" height="24" viewBox="0 0 30 24" aria-hidden="true">
      <VerdictShape kind={verdict.L.kind} x={7.5} r={6} />
      <VerdictShape kind={verdict.R.kind} x={22.5} r={6} />
    </svg>
  );
}

/** A verdict in words: "adapt both hands", "left leave out, right do". */
export function verdictWords(verdict: Verdict): string {
  if (verdict.L.kind === verdict.R.kind) return `${VERDICT_WORDS[verdict.L.kind]}, both hands`;
  return `left ${VERDICT_WORDS[verdict.L.kind]}, right ${VERDICT_WORDS[verdict.R.kind]}`;
}

export const PURPOSE_WORDS: Record<Purpose, string> = {
  glide: 'glide',
  hold: 'hold',
  grip: 'grip',
  load: 'load',
  ease: 'ease',
};

const PURPOSE_PATHS: Record<Purpose, React.ReactNode> = {
  glide: <path d="M2 13c3-8 6-8 9 0s6 8 9 0" fill="none" strokeWidth="3" />,
  hold: <rect x="2" y="7.5" width="18" height="8" rx="4" fill="currentColor" stroke="none" />,
  grip: <circle cx="11" cy="11.5" r="6.5" fill="none" strokeWidth="3.2" />,
  load: <path d="M2 17L20 5V17Z" fill="currentColor" stroke="none" />,
  ease: <path d="M2 15C8 16 5 6 11 6S14 16 20 15" fill="none" strokeWidth="2.6" />,
};

/** Purpose by shape, then hue: wave, bar, ring, wedge, open cord. */
export function PurposeMark({ purpose }: { purpose: Purpose }) {
  return (
    <svg
      role="img"
      aria-label={PURPOSE_WORDS[purpose]}
      width="22"
      height="22"
      className="shrink-0"
      viewBox="0 0 22 22"
      stroke="currentColor"
      strokeLinecap="round"
      style={{ color: `var(--color-${purpose})` }}
    >
      {PURPOSE_PATHS[purpose]}
    </svg>
  );
}
