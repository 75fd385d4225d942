import type { Fault } from '../../core/faults/fault';
import type { Method } from '../../makes/method';
import { DOSE_IDS } from '../../makes/terms';
import { productFaults } from './Doses';
import { Product } from './Ingredients';
import { OptionField } from './OptionField';

/** Where no plan could be made yet: what is wrong, each with the field that mends it. */
export function ToMend({ method, faults }: { method: Method; faults: readonly Fault[] }) {
  const options = Object.entries(method.options).flatMap(([name, option]) => {
    const fault = faults.find((one) => one.path.startsWith(`options.${name}`));
    return fault ? [{ name, option, fault }] : [];
  });
  const products = DOSE_IDS.filter((id) => productFaults(id, faults).length > 0);
  return (
    <section aria-label="To mend" className="mt-5 max-w-[30rem]">
      <p className="text-lg">Mend the marked fields and the plan appears here.</p>
      {options.map((about) => (
        <OptionField key={about.name} method={method} took={undefined} {...about} />
      ))}
      {products.map((id) => (
        <Product key={id} id={id} method={method} faults={faults} plan={null} />
      ))}
    </section>
  );
}
