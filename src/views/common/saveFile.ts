/** How long the browser may take to begin with a large file, ms. */
const TAKES_MS = 60_000;

/** Hands a file to the browser to save. */
export function saveBlob(name: string, blob: Blob) {
  const url = URL.createObjectURL(blob);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), TAKES_MS);
}

/** Hands a text to the browser to save. */
export const saveText = (name: string, text: string, type: string) =>
  saveBlob(name, new Blob([text], { type }));

/** Hands a value to the browser to save as JSON. */
export const saveFile = (name: string, value: unknown) =>
  saveText(name, `${JSON.stringify(value, null, 2)}\n`, 'application/json');

/** A file name without anything a file system minds. */
export const fileName = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '') || 'make';
