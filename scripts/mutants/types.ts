/** Whether the types alone notice a fault: such a one is no test's business. */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import type { Fault } from './faults';

/** A source with the fault in it. */
function faulty(text: string, { location: { start, end }, replacement }: Fault): string {
  const lines = text.split('\n');
  const offset = ({ line, column }: { line: number; column: number }) =>
    lines.slice(0, line).reduce((sum, one) => sum + one.length + 1, 0) + column;
  return text.slice(0, offset(start)) + replacement + text.slice(offset(end));
}

/** Asks the types of the project at `root` about one fault after the other; the file it stands in is looked at. */
export function typesOf(root: string): (fault: Fault) => boolean {
  const path = join(root, 'tsconfig.json');
  const { options, fileNames } = ts.parseJsonConfigFileContent(
    ts.readConfigFile(path, ts.sys.readFile).config,
    ts.sys,
    root,
  );
  const changed = new Map<string, { text: string; version: number }>();
  const service = ts.createLanguageService({
    readFile: ts.sys.readFile,
    fileExists: ts.sys.fileExists,
    readDirectory: ts.sys.readDirectory,
    directoryExists: ts.sys.directoryExists,
    getDirectories: ts.sys.getDirectories,
    useCaseSensitiveFileNames: () => ts.sys.useCaseSensitiveFileNames,
    getCompilationSettings: () => options,
    getScriptFileNames: () => fileNames,
    getScriptVersion: (name) => String(changed.get(name)?.version ?? 0),
    getScriptSnapshot: (name) => {
      const text = changed.get(name)?.text ?? ts.sys.readFile(name);
      return text === undefined ? undefined : ts.ScriptSnapshot.fromString(text);
    },
    getCurrentDirectory: () => root,
    getDefaultLibFileName: ts.getDefaultLibFilePath,
  });
  let version = 0;
  return (fault) => {
    const name = join(root, fault.fileName);
    const text = readFileSync(name, 'utf8');
    version += 1;
    changed.set(name, { text: faulty(text, fault), version });
    const found = [...service.getSyntacticDiagnostics(name), ...service.getSemanticDiagnostics(name)];
    version += 1;
    changed.set(name, { text, version });
    return found.length > 0;
  };
}
