import type { ButtonHTMLAttributes } from 'react';

type Tone = 'main' | 'plain' | 'quiet' | 'now' | 'danger';
type Size = 'hand' | 'usual' | 'small';

const tones: Record<Tone, string> = {
  main: 'bg-enamel text-on-enamel border-rim hover:bg-enamel-deep',
  plain: 'bg-plate text-ink border-rim hover:bg-plate-soft',
  quiet:
    'bg-transparent text-ink border-transparent underline decoration-rim-soft underline-offset-4 hover:decoration-rim',
  now: 'bg-now text-on-now border-now-edge',
  danger: 'bg-plate text-danger border-danger',
};
const sizes: Record<Size, string> = {
  hand: 'min-h-[76px] px-6 text-[22px] rounded-[20px] border-[3px]',
  usual: 'min-h-12 px-5 text-base rounded-[14px] border-[2.5px]',
  small: 'min-h-11 px-3 text-[15px] rounded-xl border-2',
};

/** A button; `hand` is for wet knuckles at the pot. */
export function Button({
  tone = 'plain',
  size = 'usual',
  className = '',
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { tone?: Tone; size?: Size }) {
  return (
    <button
      type="button"
      className={`inline-flex items-center justify-center gap-2.5 font-semibold leading-tight motion-safe:transition-colors active:translate-y-px disabled:opacity-55 aria-disabled:opacity-55 ${tones[tone]} ${sizes[size]} ${className}`}
      {...rest}
    />
  );
}
