/** Hands a text to the browser to save. */
export function saveText(name: string, text: string, type: string) {
  const url = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}

/** Hands a value to the browser to save as JSON. */
export const saveFile = (name: string, value: unknown) =>
  saveText(name, `${JSON.stringify(value, null, 2)}\n`, 'application/json');

/** A file name without anything a file system minds. */
export const fileName = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '') || 'make';
