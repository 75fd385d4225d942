import { memo } from 'react';
import type { Fault } from '../../core/faults/fault';
import { valueText } from '../../makes/clauses';
import type { ChoiceOption, Method, MethodOption, NumberOption, OptionValue } from '../../makes/method';
import { useFormat } from '../../store/hooks';
import { useAppSelector } from '../../store/store';
import { SayMore } from '../../ui/say/SayMore';
import { SayNumber } from '../../ui/say/SayNumber';
import { SayPick } from '../../ui/say/SayPick';
import { faultText } from '../common/faultText';
import { WhatItChanges } from './Changes';
import { type OptionProps, Steps, Suggestion, useChoice, useNumberOption } from './OptionField';

type SayProps<O> = OptionProps<O> & { reads: string; shown: number | undefined };

function NumberSay({ reads, shown, ...props }: SayProps<NumberOption>) {
  const number = useNumberOption(props);
  const said = useAppSelector((state) => state.draft.options[props.method.id]?.[props.name] !== undefined);
  return (
    <SayNumber
      {...number}
      {...(number.value === 0 && shown !== undefined && { value: shown })}
      reads={number.fault ? undefined : reads}
      said={said}
    >
      <Suggestion {...props} />
      <WhatItChanges />
    </SayNumber>
  );
}

function ChoiceSay({ reads, shown: _, ...props }: SayProps<ChoiceOption>) {
  const format = useFormat();
  const { value, said, choose } = useChoice(props);
  return (
    <SayPick
      label={props.option.label}
      value={String(value)}
      reads={reads}
      options={props.option.choices}
      onChange={choose}
      said={said}
      fault={props.fault && faultText(props.fault, format)}
    />
  );
}

const YES_NO = ['yes', 'no'] as const;

function YesNoSay({ reads, shown: _, ...props }: SayProps<Extract<MethodOption, { type: 'boolean' }>>) {
  const format = useFormat();
  const { value, said, choose } = useChoice(props);
  return (
    <SayPick
      label={props.option.label}
      value={value === true ? 'yes' : 'no'}
      reads={reads}
      options={YES_NO.map((one) => ({
        value: one,
        text: one,
        reason: one === 'yes' ? props.option.reason : undefined,
      }))}
      onChange={(next) => choose(next === 'yes')}
      said={said}
      fault={props.fault && faultText(props.fault, format)}
    />
  );
}

function StepsSay({ reads, shown: _, ...props }: SayProps<Extract<MethodOption, { type: 'steps' }>>) {
  const { said } = useChoice(props);
  return (
    <SayMore
      label={`${props.option.label}: ${reads}`}
      text={reads}
      said={said}
      faulty={props.fault !== undefined}
    >
      <Steps {...props} />
      <WhatItChanges />
    </SayMore>
  );
}

/** An option of a make as a value of its sentence; drawn anew only where it reads otherwise. */
export const OptionSay = memo(function OptionSay({
  method,
  name,
  text,
  shown,
  took,
  fault,
}: {
  method: Method;
  name: string;
  /** How the sentence reads it; its value where left empty. */
  text: string;
  shown?: number | undefined;
  took: OptionValue | undefined;
  fault: Fault | undefined;
}) {
  const format = useFormat();
  const option = method.options[name];
  if (!option) return text;
  const about = {
    method,
    name,
    took,
    fault,
    shown,
    reads: text === '' ? valueText(option, took, format) : text,
  };
  switch (option.type) {
    case 'number':
      return <NumberSay {...about} option={option} />;
    case 'choice':
      return <ChoiceSay {...about} option={option} />;
    case 'boolean':
      return <YesNoSay {...about} option={option} />;
    case 'steps':
      return <StepsSay {...about} option={option} />;
  }
});
