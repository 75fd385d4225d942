import { faultLine } from '../src/core/faults/fault';
import { solverOf } from '../src/schedule/solver';
import { run, SOLVED } from './plump';

const words = process.argv.slice(2);
const solver = SOLVED.includes(words[0] ?? '') ? solverOf(await (await import('highs')).default()) : null;
const { out, faults } = run(words, solver);
for (const fault of faults) process.stderr.write(`${faultLine(fault)}\n`);
process.exitCode = faults.length > 0 ? 1 : 0;
process.stdout.write(out);
