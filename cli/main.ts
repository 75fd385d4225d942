import { faultLine } from '../src/core/faults/fault';
import { run } from './plump';

const { out, faults } = run(process.argv.slice(2));
for (const fault of faults) process.stderr.write(`${faultLine(fault)}\n`);
process.exitCode = faults.length > 0 ? 1 : 0;
process.stdout.write(out);
