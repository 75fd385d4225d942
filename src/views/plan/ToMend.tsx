import type { Fault } from '../../core/faults/fault';
import type { Method } from '../../makes/method';
import { DOSE_IDS } from '../../makes/terms';
import { GIVEN_DOSES } from '../../plan/givenDoses';
import { useFormat } from '../../store/hooks';
import { FaultText } from '../../ui/parts/NumberField';
import { faultText } from '../common/faultText';
import { productFaults } from './Doses';
import { Product } from './Ingredients';
import { givenFault, InHand } from './InHand';
import { OptionField } from './OptionField';

/** Where no plan could be made yet: what is wrong, each with the field that mends it. */
export function ToMend({ method, faults }: { method: Method; faults: readonly Fault[] }) {
  const format = useFormat();
  const options = Object.entries(method.options).flatMap(([name, option]) => {
    const fault = faults.find((one) => one.path.startsWith(`options.${name}`));
    return fault ? [{ name, option, fault }] : [];
  });
  const products = DOSE_IDS.filter((id) => productFaults(id, faults).length > 0);
  const inHand = GIVEN_DOSES.flatMap((id) => {
    const fault = givenFault(id, faults);
    return fault ? [{ id, fault }] : [];
  });
  return (
    <section aria-label="To mend" className="mt-5 max-w-[30rem]">
      <p className="text-lg">Mend the marked fields and the plan appears here.</p>
      {options.map((about) => (
        <OptionField key={about.name} method={method} took={undefined} {...about} />
      ))}
      {products.map((id) => (
        <Product key={id} id={id} method={method} faults={faults} plan={null} />
      ))}
      {inHand.map(({ id, fault }) => (
        <div key={id}>
          <InHand id={id} />
          <FaultText>{faultText(fault, format)}</FaultText>
        </div>
      ))}
    </section>
  );
}
