import { useMemo, useState } from 'react';
import { shallowEqual } from 'react-redux';
import type { Fault } from '../../core/faults/fault';
import { isGrave } from '../../core/safety/cautions';
import type { Clause } from '../../makes/clauses';
import type { Method } from '../../makes/method';
import { cautionText, doseCautioned } from '../../plan/cautionText';
import type { Planned } from '../../plan/plan';
import { type StageSaid, sentencesOf } from '../../plan/sentences';
import { useFormat } from '../../store/hooks';
import { useAppSelector } from '../../store/store';
import { HandGlyph } from '../../ui/glyphs/glyphs';
import { Cautions } from '../../ui/parts/Cautions';
import { SayMore } from '../../ui/say/SayMore';
import { clockText, dayClock } from '../common/times';
import { OptionField, tookOf } from './OptionField';
import { OptionSay } from './OptionSay';

/** The stages as one tells them, every value to be changed where it stands, each caution once where it first matters. */
export function Stages({
  planned,
  method,
  startMs,
  faults,
}: {
  planned: Planned;
  method: Method;
  startMs: number;
  faults: readonly Fault[];
}) {
  const format = useFormat();
  const asked = useAppSelector(
    (state) => [
      ...Object.keys(state.draft.options[method.id] ?? {}),
      ...Object.keys(state.draft.choices[method.id] ?? {}),
    ],
    shallowEqual,
  );
  const said = useMemo(
    () => sentencesOf(planned, method, format, new Set(asked)),
    [planned, method, format, asked],
  );
  // What has just been said moves into the sentence; the form it is being said in stays as it was opened.
  const [opened, setOpened] = useState<StageSaid | null>(null);
  const { plan } = planned;
  const days = plan.predictions.totalHours > 20;
  // What is to be said of a dose stands beside it.
  const once = plan.cautions.filter(
    (one, i) =>
      doseCautioned(one) === null &&
      plan.cautions.findIndex(({ id, text }) => id === one.id && text === one.text) === i,
  );
  const shared = { method, plan, faults };
  const about = (name: string) => ({
    took: tookOf(plan, method, name),
    fault: faults.find((one) => one.path.startsWith(`options.${name}`)),
  });
  return (
    <>
      <ol className="mt-3 gap-x-8 tab:columns-2" aria-label="Stages">
        {plan.stages.map((stage, index) => {
          const telling = said.stages[index] as StageSaid;
          const here = once.filter((one) => one.stage === stage.id);
          const texts = here.map((one) => cautionText(one, format));
          const folded = new Set(
            here.filter(({ id }) => !isGrave(id)).map((one) => cautionText(one, format)),
          );
          const further = opened?.id === stage.id ? opened.further : telling.further;
          const busy = stage.handsOnMin >= stage.durationMin.likely * 0.5;
          return (
            <li key={stage.id} className="stitch break-inside-avoid py-0.5" data-stage={stage.id}>
              <div className="flex items-baseline gap-3">
                <span className={`figure shrink-0 whitespace-nowrap text-[17px] ${days ? 'w-22' : 'w-12'}`}>
                  {(days ? dayClock : clockText)(startMs + stage.startMin * 60_000)}
                </span>
                <span className="sentence-line min-w-0 flex-1">
                  {held([...telling.clauses, { text: '.' }]).map(({ option, stop, ...clause }) =>
                    option === undefined ? (
                      clause.text
                    ) : (
                      <span key={option} className="whitespace-nowrap">
                        <OptionSay
                          method={method}
                          name={option}
                          text={clause.text}
                          shown={clause.shown}
                          {...about(option)}
                        />
                        {stop}
                      </span>
                    ),
                  )}

                  {further.length > 0 && (
                    <Further
                      names={further}
                      onOpen={(open) => setOpened(open ? { ...telling, further } : null)}
                      {...shared}
                    />
                  )}
                </span>
                <span className="flex items-center gap-1 text-[15px] whitespace-nowrap text-ink-soft">
                  {busy && <HandGlyph size={18} />}
                  {format.minutes(stage.durationMin.likely)}
                </span>
              </div>
              <Cautions texts={texts} folded={folded} />
            </li>
          );
        })}
      </ol>
      {said.leftOut.length > 0 && (
        <p className="sentence-line stitch mt-1 pt-2" data-testid="left-out">
          Left out:{' '}
          {said.leftOut.map((name, i) => (
            <span key={name}>
              {i > 0 && '; '}
              <OptionSay
                method={method}
                name={name}
                text={method.options[name]?.label ?? name}
                {...about(name)}
              />
            </span>
          ))}
          .
        </p>
      )}
    </>
  );
}

/** Stops that follow a value are held to it, so that no line begins with one. */
function held(clauses: readonly Clause[]): (Clause & { stop: string })[] {
  return clauses.map((clause, i) => {
    const stopIn = (text: string) => /^[.,;)]+/.exec(text)?.[0] ?? '';
    const before = clauses[i - 1]?.option !== undefined ? stopIn(clause.text).length : 0;
    return {
      ...clause,
      text: clause.text.slice(clause.option === undefined ? before : 0),
      stop: clause.option === undefined ? '' : stopIn(clauses[i + 1]?.text ?? ''),
    };
  });
}

interface About {
  method: Method;
  plan: Planned['plan'];
  faults: readonly Fault[];
}

/** What few ask for at a stage, opened where it stands. */
function Further({
  names,
  onOpen,
  method,
  plan,
  faults,
}: About & { names: readonly string[]; onOpen(open: boolean): void }) {
  const options = names.flatMap((name) => {
    const option = method.options[name];
    return option ? [{ name, option }] : [];
  });
  return (
    <>
      {' '}
      <SayMore
        label={`More: ${options.map(({ option }) => option.label).join(', ')}`}
        text="more"
        said={false}
        onOpen={onOpen}
        className="inline-flex min-h-8 items-center px-1 text-[14px] text-ink-soft underline decoration-rim-soft underline-offset-4"
      >
        {options.map(({ name, option }) => (
          <OptionField
            key={name}
            method={method}
            name={name}
            option={option}
            took={tookOf(plan, method, name)}
            fault={faults.find((one) => one.path.startsWith(`options.${name}`))}
          />
        ))}
      </SayMore>
    </>
  );
}
