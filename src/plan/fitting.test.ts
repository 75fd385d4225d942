import { mkdirSync, writeFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { formatter, METRIC } from '../core/units/format';
import { METHODS } from '../makes';
import { stageKind } from '../makes/kinds';
import { type Method, setsForTheKnife } from '../makes/method';
import { resolveBrief } from './brief/resolve';
import { basic } from './fixtures/briefs';
import { SANITY_BANDS } from './fixtures/sanityBands';
import { kitOf } from './kit';
import { milkText } from './milkText';
import { planBrief } from './plan';
import { sentencesOf, sentenceText } from './sentences';
import { uncertainInputs } from './spread/inputs';
import { teachesOf } from './teaches';
import { tellingOf } from './telling';

const format = formatter(METRIC);

/** What no line of a make may say: words of another family, or of another habit. Common practice. */
const NEVER: readonly { of: (method: Method) => boolean; words: RegExp; because: string }[] = [
  {
    of: ({ style }) => style === 'cottage',
    words: /stick together|one warm mat|one warm slab|knit|chicken/i,
    because: 'cottage curd is kept loose',
  },
  {
    of: ({ family }) => family === 'acid-set',
    words: /coagulant|clean break|culture|stretch|squeak/i,
    because: 'acid and heat alone set it',
  },
  {
    of: ({ family }) => family === 'lactic-set',
    words: /stretches|squeak|chicken|poach/i,
    because: 'a culture sets it, and nobody stretches it',
  },
  { of: ({ family }) => family === 'stretched-curd', words: /squeak|poach/i, because: 'it is stretched' },
  {
    of: ({ id }) => id === 'grilling',
    words: /weigh the drained curd/i,
    because: 'it is salted after the poach, in pieces',
  },
  {
    of: ({ of }) => of === 'whey',
    words:
      /milk (climbs|this hot|warms)|this milk|(into|all|have) the milk|off its label|cream rising|homogenised/i,
    because: 'whey is in its pot',
  },
  {
    of: ({ family }) => family === 'stretched-curd',
    words: /until the whey is clear|acid until the whey/i,
    because: 'its milk is acidified cold, and no whey parts',
  },
  {
    of: ({ bag }) => bag === null,
    words: /\bbags?\b/i,
    because: 'nothing of it hangs in a bag',
  },
  {
    of: ({ stages }) => !stages.some(({ kind }) => kind === 'press'),
    words: /\b(the|a) press\b/i,
    because: 'nothing is pressed',
  },
  {
    of: (method) => !setsForTheKnife(method),
    words: /bowl to float|bowl (has stopped|stops|on the milk)|flocculat|clean break/i,
    because: 'no coagulant sets it for the knife, so no bowl stops on it',
  },
  {
    of: () => true,
    words: /\b(\w{4,})\b[^.;]*; \1\.$/i,
    because: 'nothing is said twice in a sentence',
  },
  {
    of: ({ family }) => family === 'squeaky-curd',
    // A yogurt culture may still be the one it is made with.
    words: /gloss|pulls in long sheets|(?<!^Culture in:.*)yogurt/i,
    because: 'it is no stretched curd',
  },
];

/** Every school of a make: its options as they are, and each choice and switch the other way. */
function schoolsOf(method: Method): Record<string, string | boolean>[] {
  const others = Object.entries(method.options).flatMap(
    ([key, option]): Record<string, string | boolean>[] =>
      option.type === 'choice'
        ? option.choices.map(({ value }) => ({ [key]: value }))
        : option.type === 'boolean'
          ? [{ [key]: !option.default }]
          : [],
  );
  return [{}, ...others];
}

describe.each(METHODS.map((method) => ({ id: method.id, method })))(
  '$id, every line in every school',
  ({ method }) => {
    const species = SANITY_BANDS[method.id]?.species ?? 'cow';
    const lines = schoolsOf(method).flatMap((options) => {
      const brief = basic(method.id, { species }, { options });
      const result = planBrief(brief, { spread: false });
      // A culture that sleeps at this heat is refused, and has no lines.
      if (!result.ok) return [];
      const { plan, parameters } = result.value;
      const ready = resolveBrief(brief, METHODS);
      const telling = tellingOf({ plan }, format);
      const said = sentencesOf(result.value, method, format, new Set(Object.keys(options)));
      const around = [
        milkText(plan, method, format),
        ...kitOf(result.value, format).map(({ what, why }) => `${what}: ${why}`),
        ...teachesOf(result.value).map(({ of, note }) => `${of}: ${note}`),
        ...(ready.ok ? uncertainInputs(ready.value) : []).map(({ on, sharpenBy }) => `${on}: ${sharpenBy}`),
        ...plan.cautions.map(({ text }) => text),
      ];
      const ofStages = plan.stages.flatMap((stage, i) => {
        const words = stageKind(stage.kind).words(parameters[stage.id], telling);
        const sentence = sentenceText(said.stages[i] as (typeof said.stages)[number]);
        return [sentence, words.action, ...words.steps, words.right, words.normal ?? '', words.done];
      });
      return [...ofStages, ...around];
    });

    // To be read as that maker would, each line once.
    mkdirSync('test-results/words', { recursive: true });
    writeFileSync(`test-results/words/${method.id}.txt`, `${[...new Set(lines)].join('\n')}\n`);

    it('says nothing that belongs to another make', () => {
      for (const { words, because } of NEVER.filter((rule) => rule.of(method)))
        expect([because, lines.filter((line) => words.test(line))]).toEqual([because, []]);
    });

    it('has no hole in it, and one thing is not many', () => {
      for (const line of lines) {
        expect(line).not.toMatch(/undefined|NaN|null|Infinity|\$\{/);
        expect(line).not.toMatch(/\b1\u00a0?(drops|tablets|sachets|pieces|hours|days)\b/);
      }
    });
  },
);
