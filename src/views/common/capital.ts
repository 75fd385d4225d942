/** A label with its first letter large; “pH” keeps its own. Example: `capital('core')` → `'Core'`. */
export const capital = (text: string) =>
  text.startsWith('pH') ? text : text.charAt(0).toUpperCase() + text.slice(1);
