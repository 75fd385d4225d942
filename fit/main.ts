/**
 * `npm run fit`: fits what is fitted to the tables of known makes, and prints parameters and residuals.
 * Data: `src/core/culture/tables.ts`, `src/core/acid/tables.ts`. The numbers in use lie in `src/core/culture/fitted.ts` and
 * `src/core/acid/groups.ts`; the souring is fitted with the acid's numbers in use.
 */
import { acidFit } from './acid';
import { objective, residual, solve } from './fit';
import { souringFit } from './souring';

const figure = (value: number) => Number(value.toPrecision(4)).toString();

for (const fit of [acidFit, souringFit]) {
  const z = solve(fit);
  console.log(`\n# ${fit.name}\n`);
  fit.free.forEach(({ name, at, sd, log }, i) => {
    const off = (z[i] as number) * sd;
    console.log(
      `${name}: ${figure(log ? at * Math.exp(off) : at + off)} (start ${figure(at)}, ${figure(z[i] as number)} sd)`,
    );
  });
  console.log('');
  for (const row of fit.rows) {
    const off = residual(row, z);
    console.log(
      `${Math.abs(off) <= 3 ? 'in ' : 'OUT'} ${row.what}: ${figure(row.value(z))} ${row.unit} (${figure(row.low)} to ${figure(row.high)})`,
    );
  }
  console.log(`\nobjective ${figure(objective(fit, z))}\n${JSON.stringify(fit.result(z), null, 2)}`);
}
