import type { Fault } from '../../core/faults/fault';
import type { Method } from '../../makes/method';
import { useFormat } from '../../store/hooks';
import { optionSet } from '../../store/slices/draft';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Button } from '../../ui/parts/Button';
import { NumberField } from '../../ui/parts/NumberField';
import { faultText } from '../common/faultText';

/** How it is made, each choice with its reason. */
export function Options({ method, faults }: { method: Method; faults: readonly Fault[] }) {
  const dispatch = useAppDispatch();
  const format = useFormat();
  const chosen = useAppSelector((state) => state.draft.options[method.id]);
  return (
    <section aria-label="How it is made" className="mt-7 px-1 lap:col-start-1">
      <h2 className="text-[23px]">How it is made</h2>
      <div className="space-y-2.5 tab:max-lap:columns-2 tab:max-lap:gap-x-8 [&>*]:break-inside-avoid">
        {Object.entries(method.options).map(([key, option]) => {
          const field = chosen?.[key] ?? { value: option.default, text: null };
          const fault = faults.find((one) => one.path === `options.${key}`);
          return (
            <div key={key} className="stitch pt-2">
              <NumberField
                label={option.label}
                hint={option.reason}
                value={field.value}
                text={field.text}
                onChange={(next) => dispatch(optionSet({ method: method.id, key, field: next }))}
                quantity={option.quantity}
                unit={option.unit}
                units={format.units}
                min={option.min}
                max={option.max}
                step={option.step}
                fault={fault && faultText(fault, format, option.quantity, option.unit)}
              />
              {fault?.suggestion !== undefined && (
                <Button
                  size="small"
                  className="mt-1"
                  onClick={() =>
                    dispatch(
                      optionSet({
                        method: method.id,
                        key,
                        field: { value: fault.suggestion ?? null, text: null },
                      }),
                    )
                  }
                >
                  Take {format.temp(fault.suggestion)}
                </Button>
              )}
            </div>
          );
        })}
      </div>
    </section>
  );
}
