import { type RefObject, useRef } from 'react';
import type { Fault } from '../../core/faults/fault';
import type { Method } from '../../makes/method';
import { DOSE_IDS } from '../../makes/terms';
import { GIVEN_DOSES } from '../../plan/givenDoses';
import { useFormat } from '../../store/hooks';
import { FaultText } from '../../ui/parts/NumberField';
import type { useHere } from '../../ui/say/useHere';
import { faultText } from '../common/faultText';
import { productFaults } from './Doses';
import { Product } from './Ingredients';
import { givenFault, InHand } from './InHand';
import { OptionField } from './OptionField';

/**
 * Where no plan could be made yet: what is wrong, each with the field that mends it. A field that was wrong stays while one is at it, since
 * the first letter may mend it and the next ones belong there too; `at` tells whether one is.
 */
export function ToMend({
  method,
  faults,
  place,
  at,
}: {
  method: Method;
  faults: readonly Fault[];
  place: RefObject<HTMLElement | null>;
  at: ReturnType<typeof useHere>;
}) {
  const format = useFormat();
  const was = useRef(new Set<string>());
  /** Whether a field is wrong, or was so since this stands here. */
  const stays = (id: string, wrong: boolean) => {
    if (wrong) was.current.add(id);
    return was.current.has(id);
  };
  const options = Object.entries(method.options).flatMap(([name, option]) => {
    const fault = faults.find((one) => one.path.startsWith(`options.${name}`));
    return stays(`option ${name}`, fault !== undefined) ? [{ name, option, fault }] : [];
  });
  const products = DOSE_IDS.filter((id) => stays(`product ${id}`, productFaults(id, faults).length > 0));
  const inHand = GIVEN_DOSES.flatMap((id) => {
    const fault = givenFault(id, faults);
    return stays(`given ${id}`, fault !== undefined) ? [{ id, fault }] : [];
  });
  return (
    <section
      ref={place}
      aria-label="To mend"
      className="mt-5 max-w-[30rem]"
      onFocus={at.onFocus}
      onBlur={({ currentTarget, relatedTarget }) => {
        if (!currentTarget.contains(relatedTarget)) at.onBlur();
      }}
    >
      <p className="text-lg">
        {faults.length > 0
          ? 'Mend the marked fields and the plan appears here.'
          : 'Mended: here is the plan.'}
      </p>
      {options.map((about) => (
        <OptionField key={about.name} method={method} took={undefined} {...about} />
      ))}
      {products.map((id) => (
        <Product key={id} id={id} method={method} faults={faults} plan={null} />
      ))}
      {inHand.map(({ id, fault }) => (
        <div key={id}>
          <InHand id={id} />
          {fault && <FaultText>{faultText(fault, format)}</FaultText>}
        </div>
      ))}
    </section>
  );
}
