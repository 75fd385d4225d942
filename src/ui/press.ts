/** How far a finger may roll while it presses, CSS px; farther, and the press is taken back as ever. */
const ROLL_PX = 16;

/** What is pressed, as against typed into, chosen from or pulled. */
const PRESSED = 'button, a[href]';

interface Press {
  pointerId: number;
  /** What the finger was put on. */
  on: HTMLElement;
  x: number;
  y: number;
  /** When it was lifted off again, ms of the page's own time. */
  upAt: number | null;
}

/** A browser's own click follows the finger's lifting within this time, ms; later ones come of something else. */
const FOLLOWS_MS = 500;

const rolledFar = (dx: number, dy: number): boolean => dx * dx + dy * dy > ROLL_PX * ROLL_PX;

const under = (element: Element, { clientX, clientY }: PointerEvent): boolean => {
  const { left, right, top, bottom } = element.getBoundingClientRect();
  return clientX >= left && clientX <= right && clientY >= top && clientY <= bottom;
};

/**
 * Has a tap count for what was under the finger when it came down: where the page moves while one presses (a line more of advice, a
 * picture that comes), a browser drops the tap, or gives it to what has moved under the finger. What is gone meanwhile takes none.
 */
export function holdPresses(page: Document): void {
  let press: Press | null = null;
  page.addEventListener(
    'pointerdown',
    ({ target, isPrimary, button, pointerId, clientX, clientY }) => {
      const on = target instanceof Element ? target.closest<HTMLElement>(PRESSED) : null;
      press = on && isPrimary && button === 0 ? { pointerId, on, x: clientX, y: clientY, upAt: null } : null;
    },
    true,
  );
  page.addEventListener('pointercancel', () => {
    press = null;
  });
  page.addEventListener('pointerup', (event) => {
    if (press?.pointerId !== event.pointerId) return;
    const { on, x, y } = press;
    if (rolledFar(event.clientX - x, event.clientY - y)) press = null;
    else {
      press.upAt = event.timeStamp;
      if (on.isConnected && !under(on, event)) on.click();
    }
  });
  page.addEventListener(
    'click',
    (event) => {
      if (!press || press.upAt === null || !event.isTrusted || event.detail === 0) return;
      if (event.timeStamp - press.upAt > FOLLOWS_MS || press.on.contains(event.target as Node)) return;
      event.preventDefault();
      event.stopImmediatePropagation();
    },
    true,
  );
}
