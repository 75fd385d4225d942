import { type RefObject, useEffect, useRef, useState } from 'react';

/** A press that ends without a click, a pull for one, is over this much later, ms. */
const PRESS_OVER_MS = 60;

/**
 * Whether somebody is at a field, or at one of several: from its focus until it is left. Where it is left by pressing elsewhere, only once that press is over:
 * what stands after it would else move away from under the finger, and the press be lost.
 */
export function useHere(field: RefObject<HTMLElement | null>): {
  here: boolean;
  onFocus(): void;
  onBlur(): void;
} {
  const [here, setHere] = useState(false);
  const pressing = useRef(false);
  useEffect(() => {
    if (!here) return;
    const pressed = () => {
      pressing.current = true;
    };
    const over = () => {
      pressing.current = false;
      if (!field.current?.matches(':focus-within')) setHere(false);
    };
    const overSoon = () => setTimeout(over, PRESS_OVER_MS);
    addEventListener('pointerdown', pressed, true);
    addEventListener('click', over, true);
    addEventListener('pointerup', overSoon, true);
    addEventListener('pointercancel', over, true);
    return () => {
      removeEventListener('pointerdown', pressed, true);
      removeEventListener('click', over, true);
      removeEventListener('pointerup', overSoon, true);
      removeEventListener('pointercancel', over, true);
    };
  }, [here, field]);
  return {
    here,
    onFocus: () => setHere(true),
    onBlur: () => {
      if (!pressing.current) setHere(false);
    },
  };
}
