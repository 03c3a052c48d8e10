import type { ButtonHTMLAttributes, ReactNode } from 'react';

export type ButtonLook = 'main' | 'plain' | 'quiet' | 'danger';

const LOOKS: Record<ButtonLook, string> = {
  main: 'bg-ink text-paper border-ink hover:bg-soft',
  plain: 'bg-paper text-ink border-edge hover:border-ink',
  quiet: 'bg-transparent text-ink border-transparent underline underline-offset-4 hover:bg-paper',
  danger: 'bg-load text-paper border-load hover:brightness-90',
};

export const buttonClass = (look: ButtonLook = 'plain', extra = ''): string =>
  `inline-flex min-h-11 items-center justify-center gap-2 rounded-full border-2 px-5 py-1.5 font-semibold disabled:cursor-not-allowed disabled:border-line disabled:bg-transparent disabled:text-soft ${LOOKS[look]} ${extra}`;

type Props = ButtonHTMLAttributes<HTMLButtonElement> & { look?: ButtonLook; children: ReactNode };

export function Button({ look = 'plain', className = '', type = 'button', ...rest }: Props) {
  return <button type={type} className={buttonClass(look, className)} {...rest} />;
}
