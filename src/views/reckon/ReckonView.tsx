import { useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { uncapital } from '../../core/units/capital';
import { FIELD_UNITS, type Format } from '../../core/units/format';
import { decimalsFor } from '../../core/units/numbers';
import type { Computation } from '../../plan/reckon/computation';
import { COMPUTATIONS, reckon } from '../../plan/reckon/index';
import { useFormat } from '../../store/hooks';
import { reckonerFilled } from '../../store/slices/reckoner';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { CurveChart } from '../../ui/charts/CurveChart';
import { FaultText } from '../../ui/parts/NumberField';
import { Select } from '../../ui/parts/Select';
import { faultText } from '../common/faultText';
import { type Curve, curveInputs, curveOf, tellingInput } from './curve';
import { FormLine } from './FormLine';
import { type Filled, filledFrom, linesOf, requestOf } from './form';

/** Reckoner: each computation alone, its answer in large figures, the curve it lies on, its formula and source. */
export default function ReckonView() {
  const { name } = useParams();
  const computation = COMPUTATIONS.find((one) => one.name === name) ?? (COMPUTATIONS[0] as Computation);
  return (
    <div className="lap:grid lap:grid-cols-[15rem_minmax(0,1fr)] lap:gap-x-8">
      <nav aria-label="Computations" className="mb-5 lap:mb-0">
        <h2 className="text-[23px]">Reckoner</h2>
        <ul className="mt-1 max-tab:columns-2 tab:max-lap:columns-3">
          {COMPUTATIONS.map((one) => (
            <li key={one.name} className="break-inside-avoid">
              <Link
                to={`/reckon/${one.name}`}
                aria-current={one === computation ? 'page' : undefined}
                className="flex min-h-11 items-center border-b-2 border-transparent text-[16px] leading-tight aria-[current]:border-now-edge aria-[current]:font-semibold hover:text-rim"
              >
                {one.title}
              </Link>
            </li>
          ))}
        </ul>
      </nav>
      <One key={computation.name} computation={computation} />
    </div>
  );
}

function One({ computation }: { computation: Computation }) {
  const format = useFormat();
  const dispatch = useAppDispatch();
  const lines = useMemo(() => linesOf(computation), [computation]);
  const kept = useAppSelector((state) => state.reckoner[computation.name]) as Filled | undefined;
  const filled = useMemo(() => ({ ...filledFrom(computation), ...kept }), [computation, kept]);
  const answer = useMemo(() => reckon(computation, requestOf(lines, filled)), [computation, lines, filled]);
  const set = (path: string, value: Filled[string]) =>
    dispatch(reckonerFilled({ name: computation.name, filled: { ...filled, [path]: value } }));
  const faults = answer.ok ? [] : answer.faults;
  const known = new Set(lines.map((line) => line.path));
  return (
    <section aria-label={computation.title} className="min-w-0">
      <h1 className="name text-[30px] tab:text-[38px]">{computation.title}</h1>
      <div className="mt-3 grid gap-x-8 gap-y-5 tab:grid-cols-[19rem_minmax(0,1fr)]">
        <form
          className="plate space-y-2 px-5 py-4 tab:self-start"
          onSubmit={(event) => event.preventDefault()}
        >
          {lines.map((line) => (
            <FormLine
              key={line.path}
              line={line}
              value={filled[line.path]}
              fault={faults.find((one) => one.path === line.path || one.path.startsWith(`${line.path}.`))}
              onChange={(value) => set(line.path, value)}
            />
          ))}
          {faults
            .filter(
              (fault) => ![...known].some((path) => fault.path === path || fault.path.startsWith(`${path}.`)),
            )
            .map((fault) => (
              <FaultText key={fault.path}>{faultText(fault, format)}</FaultText>
            ))}
        </form>
        <div className="min-w-0">
          <Answer computation={computation} answer={answer.ok ? answer.value : null} />
          <OnCurve
            computation={computation}
            lines={lines}
            filled={filled}
            answer={answer.ok ? answer.value : null}
          />
          <p className="stitch mt-5 pt-3 text-[15px]">
            <strong>Formula.</strong> {computation.formula}.
          </p>
          <p className="mt-2 text-[15px] text-ink-soft">
            <strong>Source.</strong> {computation.source}.
          </p>
        </div>
      </div>
    </section>
  );
}

/** A number of an answer in the maker's units, with no more figures than it deserves. */
function figureOf(value: number, unit: string, format: Format): { figure: string; unit: string } {
  const short = unit.split(';')[0] ?? '';
  if (short === '°C') {
    const shown = FIELD_UNITS.temperature.out(value, format.units);
    return { figure: format.number(shown, 1), unit: FIELD_UNITS.temperature.unit(format.units) };
  }
  return { figure: format.number(value, decimalsFor(value, 3)), unit: short };
}

function Answer({
  computation,
  answer,
}: {
  computation: Computation;
  answer: Record<string, unknown> | null;
}) {
  const format = useFormat();
  if (!answer) return <p className="text-lg">Mend the marked field and the answer appears here.</p>;
  return (
    <dl className="flex flex-wrap gap-x-10 gap-y-3" aria-live="polite">
      {Object.entries(computation.outputs).map(([key, output]) => {
        const value = answer[key];
        if (value === undefined || value === null || value === '' || Array.isArray(value)) return null;
        const shown =
          typeof value === 'number'
            ? figureOf(value, output.unit, format)
            : { figure: value === true ? 'yes' : value === false ? 'no' : String(value), unit: '' };
        return (
          <div key={key} data-output={key}>
            <dt className="text-[15px] text-ink-soft">{output.label}</dt>
            <dd>
              <span className={`figure ${shown.figure.length > 14 ? 'text-[26px]' : 'text-[54px]'}`}>
                {shown.figure}
              </span>{' '}
              <span className="name text-[20px]">{shown.unit}</span>
            </dd>
          </div>
        );
      })}
    </dl>
  );
}

function OnCurve({
  computation,
  lines,
  filled,
  answer,
}: {
  computation: Computation;
  lines: ReturnType<typeof linesOf>;
  filled: Filled;
  answer: Record<string, unknown> | null;
}) {
  const format = useFormat();
  const inputs = curveInputs(lines);
  const [along, setAlong] = useState(() => tellingInput(computation, lines, filled));
  const curve = useMemo(
    () => curveOf(computation, lines, filled, along),
    [computation, lines, filled, along],
  );
  if (!answer) return null;
  const series = answer.series as [number, number][] | undefined;
  if (series) {
    return (
      <CurveChart
        points={series}
        here={series.at(-1) ?? null}
        xLabel="hours"
        yLabel="pH"
        xText={(v, decimals = decimalsFor(v, 2, 1)) => format.number(v, decimals)}
        yText={(v, decimals = 1) => format.number(v, decimals)}
      />
    );
  }
  if (inputs.length === 0) return null;
  return (
    <div className="mt-5">
      {inputs.length > 1 && (
        <div className="mb-2 max-w-80">
          <Select
            label="Curve along"
            value={along}
            options={inputs.map((line) => ({ value: line.path, text: uncapital(line.label) }))}
            onChange={setAlong}
          />
        </div>
      )}
      {curve && curve.points.length > 2 && <Drawn curve={curve} computation={computation} />}
    </div>
  );
}

function Drawn({ curve, computation }: { curve: Curve; computation: Computation }) {
  const format = useFormat();
  const output = computation.outputs[curve.output];
  const yUnit = (output?.unit ?? '').split(';')[0] ?? '';
  const field = FIELD_UNITS[curve.x.quantity];
  const outX = (value: number) => field.out(value, format.units);
  const outY = (value: number) => (yUnit === '°C' ? FIELD_UNITS.temperature.out(value, format.units) : value);
  const xUnit = curve.x.quantity === 'plain' ? curve.x.unit : field.unit(format.units);
  const text = (value: number, decimals = decimalsFor(value, 3, 2)) => format.number(value, decimals);
  const shown = (points: readonly [number, number][]) =>
    points.map(([px, py]): [number, number] => [outX(px), outY(py)]);
  return (
    <CurveChart
      points={shown(curve.points)}
      here={curve.here && (shown([curve.here])[0] ?? null)}
      xLabel={`${uncapital(curve.x.label)}${xUnit ? `, ${xUnit}` : ''}`}
      yLabel={`${output?.label ?? curve.output}${yUnit ? `, ${yUnit === '°C' ? FIELD_UNITS.temperature.unit(format.units) : yUnit}` : ''}`}
      xText={text}
      yText={text}
    />
  );
}
