import 'fake-indexeddb/auto';
import { createElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { expect, it, vi } from 'vitest';
import { z } from 'zod';
import { formatter, METRIC } from '../../core/units/format';
import { convert } from '../../files/convert';
import { checkFile } from '../../files/kinds';
import { METHODS } from '../../makes';
import type * as Grammar from '../../makes/grammar';
import { KIND_NAMES, stageKind } from '../../makes/kinds';
import type * as Kinds from '../../makes/kinds/register';
import type { Method } from '../../makes/method';
import { methodSchema } from '../../makes/methodSchema';
import type * as Makes from '../../makes/register';
import type * as Sentence from '../../makes/sentence';
import { basic, planned } from '../../plan/fixtures/briefs';
import { kitOf } from '../../plan/kit';
import { MODEL_VERSION } from '../../plan/modelVersion';
import { alarmsOf } from '../../run/alarms';
import { planHands } from '../../run/clashes';
import { momentOf } from '../../run/moment';
import { reviewOf } from '../../run/review';
import { isOver, stateOf } from '../../run/state';
import { Database } from '../../store/db';
import { append, readLog, startMake } from '../../store/log';
import { backup } from '../../store/saveAll';
import { StagePicture } from '../../ui/pictures/StagePicture';

// A kind nobody has thought of: one folder's worth, and one line in the register.
vi.mock('../../makes/kinds/register', async (importActual) => {
  const { KINDS } = await importActual<typeof Kinds>();
  const { kindOf } = await vi.importActual<typeof Grammar>('../../makes/grammar');
  const { saying, value } = await vi.importActual<typeof Sentence>('../../makes/sentence');
  const smoke = kindOf<{ minutes: number }>({
    kind: 'smoke',
    params: z.strictObject({ minutes: z.number().min(1).max(600) }),
    endedBy: 'time',
    toleranceC: [5, 5],
    does: ['over-fire', 'holds-curd'],
    pad: 'weight',
    rounds: () => ({ what: 'turn', count: 2, everyMin: 20, atOnce: false }),
    uses: () => ['ring'],
    slack: () => [0.5, 2],
    hands: (_params, span) => [
      [0, 4],
      [span.durationMin - 2, span.durationMin],
    ],
    kit: () => [{ what: 'a handful of beech chips', why: 'to smoke over' }],
    predict: (_world, { minutes }, pot) => {
      pot.minute += minutes;
      return {
        durationMin: minutes,
        handsOnMin: 6,
        targetC: 25,
        course: [
          [0, 20],
          [minutes, 25],
        ],
      };
    },
    words: ({ minutes }, { format }) => ({
      ...saying(['Smoke for ', value('minutes', format.minutes(minutes))]),
      action: 'Smoke',
      target: null,
      steps: ['Chips glow, and never flame.'],
      right: 'Golden at the edges.',
      normal: null,
      done: 'Smoked',
    }),
    cautions: () => ['gas-off'],
  });
  return { KINDS: [...KINDS, smoke] };
});

// A make nobody has thought of: one file's worth, and one line in the register.
vi.mock('../../makes/register', async (importActual) => {
  const { METHODS: all } = await importActual<typeof Makes>();
  const paneer = all.find((method) => method.id === 'paneer') as Method;
  const smoked: Method = {
    ...paneer,
    id: 'smoked-paneer',
    title: 'Smoked paneer',
    options: {
      ...paneer.options,
      smokeMin: {
        type: 'number',
        label: 'Smoke for',
        unit: 'min',
        quantity: 'plain',
        default: 60,
        min: 20,
        max: 240,
        step: 5,
        reason: 'Longer is darker.',
      },
    },
    stages: [
      ...paneer.stages.slice(0, -1),
      { id: 'smoke', kind: 'smoke', params: { minutes: { option: 'smokeMin' } } },
      ...paneer.stages.slice(-1),
    ],
  };
  return { METHODS: [...all, smoked] };
});

const format = formatter(METRIC);

it('a new kind and a new make are planned, printed, run, pictured, kitted and booked with nothing else changed', async () => {
  expect(KIND_NAMES).toContain('smoke');
  const method = METHODS.find(({ id }) => id === 'smoked-paneer');
  expect(methodSchema.safeParse(method).success).toBe(true);
  expect(
    methodSchema.safeParse({ ...method, stages: [{ id: 'x', kind: 'juggle', params: {} }] }).success,
  ).toBe(false);

  const whole = planned(
    basic('smoked-paneer', {}, { options: { smokeMin: 80 }, start: '2026-11-27T09:00' }),
    true,
  );
  const { plan, parameters } = whole;
  const index = plan.stages.findIndex((stage) => stage.kind === 'smoke');
  expect(plan.stages[index]).toMatchObject({
    title: 'Smoke for 80 min',
    durationMin: { likely: 80 },
    hands: [
      [0, 4],
      [78, 80],
    ],
    handsOnMin: 6,
    atLeastMin: 40,
    atMostMin: 160,
    uses: ['ring'],
  });
  expect(plan.cautions).toContainEqual(expect.objectContaining({ id: 'gas-off', stage: 'smoke' }));
  expect(kitOf(whole, format).map(({ what }) => what)).toContain('a handful of beech chips');
  expect(planHands(plan, 0).filter(({ stage }) => stage === 'smoke')).toHaveLength(2);
  for (const to of ['markdown', 'ics', 'csv'] as const) {
    const text = convert(JSON.parse(JSON.stringify(plan)), to);
    expect(text.ok && text.value).toContain('Smoke for 80 min');
  }
  const drawn = renderToStaticMarkup(
    createElement(StagePicture, {
      picture: stageKind('smoke').picture(parameters.smoke),
      overFire: true,
      says: 'Right',
    }),
  );
  expect(drawn).toContain('<svg');

  const db = new Database('another-kind');
  const id = 'smoked-make';
  await startMake(
    db,
    id,
    { type: 'started', name: 'Smoked', milkName: '', plan, parameters, modelVersion: MODEL_VERSION },
    1000,
  );
  for (const stage of plan.stages.slice(0, index))
    await append(db, id, { type: 'done', stage: stage.id }, 2000);
  const state = stateOf(await readLog(db, id));
  expect(momentOf(state, format)).toMatchObject({
    action: 'Smoke',
    pad: 'weight',
    turns: { what: 'turn', wanted: 2, dueAt: 2000 + 20 * 60_000 },
  });
  expect(alarmsOf(id, state).map(({ about }) => about)).toEqual(['stage', 'turn']);
  await append(db, id, { type: 'turned', turn: 0 }, 3000);
  await append(db, id, { type: 'done', stage: 'smoke' }, 4000);
  await append(db, id, { type: 'finished', weighedKg: 1 }, 5000);
  const done = stateOf(await readLog(db, id));
  expect(isOver(done)).toBe(true);
  expect(reviewOf(done).weighedKg).toBe(1);
  expect(checkFile(await backup(db))).toMatchObject({ ok: true });
});
