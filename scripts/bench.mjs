/** `npm run bench`: prints rates and sizes; nothing here passes or fails. */
import { build, ensurePackages, must } from './setup.mjs';

ensurePackages();
must('npx', ['tsx', 'bench/core.ts']);
must('npx', ['tsx', 'bench/spread.ts']);
build();
must('npx', ['tsx', 'bench/bundle.ts']);
must('npx', ['tsx', 'bench/page.ts']);
must('npx', ['tsx', 'bench/book.ts']);
must('npx', ['tsx', 'bench/learning.ts']);
must('npx', ['tsx', 'bench/week.ts']);
must('npx', ['tsx', 'bench/practice.ts']);
must('npx', ['tsx', 'bench/frames.ts']);
must('npx', ['tsx', 'bench/listeners.ts']);
must('npx', ['tsx', 'bench/readings.ts']);
