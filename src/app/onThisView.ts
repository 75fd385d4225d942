/** What can be changed or pressed on the view, by the name it is spoken with. */
export interface Control {
  name: string;
  element: HTMLElement;
}

const CONTROLS =
  'input:not([type=file]), textarea, select, button, [role=combobox], [role=radio], [role=slider]';

/** What a screen reader calls it: its own label, the words it is labelled by, or those it shows. */
function spoken(element: HTMLElement): string {
  const label = (element as HTMLInputElement).labels?.[0]?.innerText;
  return (element.getAttribute('aria-label') ?? label ?? element.innerText).replace(/\s+/g, ' ').trim();
}

/** Everything on the view that the keyboard could reach, in its order, each name once. */
export function onThisView(view: HTMLElement | null): Control[] {
  const named = new Map<string, HTMLElement>();
  for (const element of view?.querySelectorAll<HTMLElement>(CONTROLS) ?? []) {
    const name = spoken(element);
    if (name.length > 1 && !named.has(name) && element.checkVisibility()) named.set(name, element);
  }
  return [...named].map(([name, element]) => ({ name, element }));
}
