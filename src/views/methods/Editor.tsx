import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import {
  arrayMove,
  SortableContext,
  sortableKeyboardCoordinates,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { useMemo, useRef } from 'react';
import type { Fault } from '../../core/faults/fault';
import { parse } from '../../core/faults/zodFaults';
import type { KindName } from '../../makes/grammar';
import { KIND_NAMES } from '../../makes/kinds';
import { type Method, MOST_TITLE, type StageSpec } from '../../makes/method';
import { methodSchema } from '../../makes/methodSchema';
import type { Planned } from '../../plan/plan';
import { sentencesOf } from '../../plan/sentences';
import { useFormat } from '../../store/hooks';
import { FaultText } from '../../ui/parts/NumberField';
import { Select } from '../../ui/parts/Select';
import { TextLine } from '../../ui/parts/TextLine';
import { toast } from '../../ui/parts/toast';
import { faultText } from '../common/faultText';
import { hoursText } from '../common/times';
import { OptionRows } from './OptionRows';
import { UsualTrack, usualPlan } from './Reading';
import { StageRow } from './StageRow';
import { useWriting } from './useWriting';

/** A make of one's own, stage by stage: faults at the stage they lie in, the track drawn anew as one edits. */
export function Editor({ kept, keep }: { kept: Method; keep(next: Method): Promise<boolean> }) {
  const format = useFormat();
  const [method, write] = useWriting(kept, keep);
  const last = useRef<Planned | null>(null);
  const read = useMemo(() => parse<Method>(methodSchema, method), [method]);
  const planned = useMemo(() => {
    if (!read.ok) return null;
    try {
      return usualPlan(read.value);
    } catch (error) {
      const fault: Fault = {
        path: 'stages',
        problem: (error as Error).message,
        remedy: 'put the stages in an order that works',
      };
      return { ok: false as const, faults: [fault] };
    }
  }, [read]);
  if (planned?.ok) last.current = planned.value;
  const latest = last.current;
  const faults: Fault[] = read.ok ? (planned && !planned.ok ? planned.faults : []) : read.faults;
  const change = (part: Partial<Method>) => write((was) => ({ ...was, ...part }));
  const setStages = (stages: StageSpec[]) => change({ stages });
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, {
      coordinateGetter: sortableKeyboardCoordinates,
      // A list that glides is somewhere else by the time the next key comes.
      scrollBehavior: 'auto',
    }),
  );
  const add = (kind: KindName) => {
    const ids = new Set(method.stages.map((stage) => stage.id));
    let id: string = kind;
    for (let n = 2; ids.has(id); n++) id = `${kind}-${n}`;
    const at = Math.max(0, method.stages.length - 1);
    setStages([...method.stages.slice(0, at), { id, kind, params: {} }, ...method.stages.slice(at)]);
  };
  const remove = (stage: StageSpec, index: number) => {
    setStages(method.stages.filter((one) => one !== stage));
    toast(`Stage “${stage.id}” is out.`, {
      action: {
        label: 'Put it back',
        onClick: () =>
          write((was) => ({
            ...was,
            stages: [...was.stages.slice(0, index), stage, ...was.stages.slice(index)],
          })),
      },
    });
  };
  const said = useMemo(() => {
    const stages = latest ? sentencesOf(latest, method, format).stages : [];
    return new Map(stages.map(({ id, clauses }) => [id, clauses]));
  }, [latest, method, format]);
  const elsewhere = faults.filter((fault) => !/^(stages\.\d+|options\.)/.test(fault.path));
  return (
    <>
      <h1 className="sr-only">{method.title}</h1>
      <div className="max-w-[44rem] space-y-1">
        <TextLine
          label="Title"
          most={MOST_TITLE}
          value={method.title}
          onChange={(title) => change({ title })}
        />
        <TextLine
          label="In a sentence"
          most={60}
          value={method.short}
          onChange={(short) => change({ short })}
        />
        <TextLine label="About" most={4000} value={method.about} onChange={(about) => change({ about })} />
      </div>
      {latest && (
        <div className={`mt-4 ${faults.length > 0 ? 'opacity-55' : ''}`}>
          <p className="text-[16px]" aria-live="polite">
            <strong className="figure text-[30px]">
              {format.kg(latest.plan.predictions.yieldKg.likely)}
            </strong>{' '}
            of 8 L in {hoursText(latest.plan.predictions.totalHours * 60)}
            {faults.length > 0 && ', before the faults below'}
          </p>
          <UsualTrack planned={latest} />
        </div>
      )}
      {elsewhere.map((fault) => (
        <FaultText key={`${fault.path}${fault.problem}`}>
          {fault.path}: {faultText(fault, format)}
        </FaultText>
      ))}
      <h2 className="mt-5 text-[24px]">Stages</h2>
      <p className="text-[15px] text-ink-soft">
        Drag by the grip, or focus it, press space, move with the arrows and press space again. A parameter is
        a number, a word, or the name of an option with a colon before it, as in “:setC”.
      </p>
      <DndContext
        sensors={sensors}
        collisionDetection={closestCenter}
        onDragEnd={({ active, over }) => {
          const from = method.stages.findIndex((stage) => stage.id === active.id);
          const to = method.stages.findIndex((stage) => stage.id === over?.id);
          if (from >= 0 && to >= 0 && from !== to) setStages(arrayMove(method.stages, from, to));
        }}
      >
        <SortableContext
          items={method.stages.map((stage) => stage.id)}
          strategy={verticalListSortingStrategy}
        >
          <ol aria-label="Stages" className="max-w-[60rem]">
            {method.stages.map((stage, index) => (
              <StageRow
                key={stage.id}
                stage={stage}
                index={index}
                said={said.get(stage.id) ?? null}
                options={method.options}
                onOption={(name, option) => change({ options: { ...method.options, [name]: option } })}
                faults={faults.filter(
                  (fault) => fault.path.startsWith(`stages.${index}.`) || fault.path === `stages.${index}`,
                )}
                onChange={(next) => setStages(method.stages.map((one) => (one === stage ? next : one)))}
                onRemove={() => remove(stage, index)}
              />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
      <div className="mt-3 max-w-80">
        <Select
          label="Add a stage"
          value=""
          options={[
            { value: '', text: 'which kind?' },
            ...KIND_NAMES.map((kind) => ({ value: kind, text: kind })),
          ]}
          onChange={(kind) => kind !== '' && add(kind as KindName)}
        />
      </div>
      <OptionRows
        options={method.options}
        faults={faults}
        change={(how) => write((was) => ({ ...was, options: how(was.options) }))}
      />
    </>
  );
}
