/** The text of a program put into one file; `entry` is the path of its first module. */
export function bundled(entry: string): Promise<string>;
