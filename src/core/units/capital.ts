/** Words with a large letter inside, as pH and IMCU, are written one way only. */
const OWN_WAY = /^.[A-Z]/;

/** A label with its first letter large. Example: `capital('core')` → `'Core'`; `capital('pH')` → `'pH'`. */
export const capital = (text: string) =>
  OWN_WAY.test(text) ? text : text.charAt(0).toUpperCase() + text.slice(1);

/** A label within a line. Example: `uncapital('Milk pH')` → `'milk pH'`; `uncapital('IMCU in a mL')` stays. */
export const uncapital = (text: string) =>
  OWN_WAY.test(text) ? text : text.charAt(0).toLowerCase() + text.slice(1);
