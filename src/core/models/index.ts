import { acidModels } from '../acid/model';
import { coagulantModels } from '../coagulant/model';
import { cultureModels } from '../culture/model';
import { curdModels } from '../curd/model';
import { heatModels } from '../heat/model';
import { safetyModels } from '../safety/model';
import { saltModels } from '../salt/model';
import { stretchModels } from '../stretch/model';
import type { Model } from './model';
import { THRESHOLDS } from './thresholds';

/** The register of models, in the order of a handbook. */
export const MODELS: readonly Model[] = [
  ...acidModels,
  ...coagulantModels,
  ...cultureModels,
  ...heatModels,
  ...curdModels,
  ...stretchModels,
  ...saltModels,
  ...safetyModels,
];

const figure = (value: number) => Number(value.toPrecision(4)).toString();

/** docs/models.md, from the models themselves: what each is held to, and what it gives. */
export function modelsMarkdown(): string {
  const lines = [
    '# The models',
    '',
    'Written by `npm run models` from `src/core/*/model.ts`; a test keeps it true and holds every model to its checks.',
  ];
  for (const model of MODELS) {
    lines.push(
      '',
      `## ${model.title}`,
      '',
      `- Equation: ${model.equation}.`,
      `- Parameters: ${model.parameters}.`,
      `- Source: ${model.source}.`,
      `- Holds: ${model.holds}`,
    );
    if (model.checks.length === 0) continue;
    lines.push('', '| check | source | expected | the model gives |', '| --- | --- | --- | --- |');
    for (const check of model.checks) {
      const unit = check.unit === '' ? '' : ` ${check.unit}`;
      lines.push(
        `| ${check.what} | ${check.source} | ${figure(check.low)} to ${figure(check.high)}${unit} | ${figure(check.value())}${unit} |`,
      );
    }
  }
  lines.push('', '## Where a small change may make a large one', '');
  for (const text of Object.values(THRESHOLDS)) lines.push(`- ${text}`);
  return `${lines.join('\n')}\n`;
}
