import { expect, type Page, test } from '@playwright/test';
import { formatter, METRIC } from '../src/core/units/format';
import { planBrief } from '../src/plan/plan';
import { setAdvice } from '../src/run/setAdvice';
import { stateOf } from '../src/run/state';
import { action, to, wentIn } from './kitchen';
import { finish, now, pad, weigh, wrong } from './mishaps';
import { cool, hob, logOf, on, stage, startedPlan, toTheBench } from './pretendPot';

/** Leaves the hob on until the probe reads well over what was wanted. */
async function overheat(page: Page) {
  const wanted = Number(/(\d+)\s*°C/.exec((await action(page).textContent()) ?? '')?.[1]);
  const live = page.getByRole('region', { name: 'Probe' }).locator('strong').first();
  await hob(page, 'full');
  await expect(async () => {
    await on(page, '5');
    expect(Number.parseFloat((await live.textContent()) ?? '0')).toBeGreaterThan(wanted + 4);
  }).toPass();
  await hob(page, 'off');
  await expect(now(page)).toContainText('over.');
}

test('squeaky curds in which all goes wrong: each is answered, and the book is true', async ({ page }) => {
  await toTheBench(page, 'Squeaky cheddared curds');
  await to(page, 'Warm');
  await overheat(page);
  await wrong(
    page,
    'It got too hot',
    { 'By how many degrees': '5' },
    /Stand the pot in cold water.*no harm/s,
  );
  await cool(page, 0.5);
  await to(page, 'Add culture');
  await wrong(
    page,
    'The culture went into milk too hot for it',
    { 'At what temperature': '50' },
    /dead or dying/,
  );
  await to(page, 'Coagulant');
  // Sixty in a hundred of the coagulant: the set is planned for that, and said to be.
  const { brief, doses } = await startedPlan(page);
  const mL = doses.find((dose) => dose.id === 'coagulant')?.millilitres ?? 0;
  await expect(action(page)).toContainText(mL.toFixed(1));
  await wentIn(page, 'coagulant', String(0.3 * mL));
  await expect(now(page)).toContainText('30\u00a0% of what was planned');
  await wentIn(page, 'coagulant', String(0.3 * mL));
  await expect(now(page)).toContainText('60\u00a0% of what was planned');
  const { wantedSetMin: _, ...options } = brief.options ?? {};
  const given = { amount: 0.6 * mL, unit: 'mL' } as const;
  const small = planBrief(
    { ...brief, options, coagulant: { form: 'liquid', ...brief.coagulant, given } },
    { spread: false },
  );
  if (!small.ok) throw new Error('planned');
  await to(page, 'Let it set');
  // The set goes on by the core's plan for the smaller dose, and its countdown by the heat that was read.
  const state = stateOf(await logOf(page));
  expect(state.plan.predictions.setMin).toEqual(small.value.plan.predictions.setMin);
  const set = setAdvice(state);
  if (set?.kind !== 'watch') throw new Error('the bowl still turns');
  const left = (await now(page).getByRole('timer').getAttribute('aria-label')) ?? '';
  const [, hours = '0', minutes = '0'] = /^(?:(\d+)\D+h\D+)?(\d+)/.exec(left) ?? [];
  const countdownMin = (set.cutAt - state.stageStartedAt) / 60_000;
  expect(Math.abs(60 * Number(hours) + Number(minutes) - countdownMin)).toBeLessThanOrEqual(2);
  await wrong(page, 'It is too warm while it sets', { 'By how many degrees': '4' }, /Do not stir it/);
  await now(page)
    .getByRole('button', { name: /^not yet/ })
    .click();
  await expect(action(page)).toContainText('Wait on');
  await now(page)
    .getByRole('button', { name: /^clean/ })
    .click();
  await expect(action(page)).toContainText('Ready');
  await to(page, 'Cut');
  await wrong(
    page,
    'Cut too early',
    { 'Minutes before the clean break': '20' },
    /Leave the cut curd alone.*less cheese/s,
  );
  await expect(now(page)).toContainText('after what went wrong');
  await to(page, 'Cook');
  await wrong(page, 'The curds have clumped', { 'How much': 'one mat' }, /fingers of 20\u00a0mm/);
  await now(page)
    .getByRole('button', { name: /^too soft/ })
    .click();
  await expect(now(page)).toContainText('stir on, at this heat');
  await to(page, /^Turn/);
  await wrong(page, 'Forgot a turn', { 'Minutes late': '25' }, /25\u00a0min more than planned/);
  await weigh(page, '1.4');
  await expect(now(page)).toContainText(/On the scale 1\.40\u00a0kg: about \d+\u00a0% of it is moisture/);
  await to(page, 'Salt');
  await weigh(page, '1.2');
  await expect(action(page)).toContainText('12.0');
  await wentIn(page, 'salt', '2', 'tsp');
  await expect(now(page)).toContainText('of salt in');
  await wrong(page, 'Salted before it had drained', { 'Salt that went in': '12' }, /more\. Taste before/);
  const { plan: last } = stateOf(await logOf(page));
  await finish(page, '1.18');
  const out = page.getByRole('region', { name: 'What came out' });
  await expect(out).toContainText(/That plan bears what went wrong: about \d+\u00a0% less/);
  await expect(out).toContainText(`planned ${formatter(METRIC).kg(last.predictions.yieldKg.likely)}`);
  // The book keeps all of it, in the maker's words.
  for (const text of ['Cut too early', 'Forgot a turn', 'The curds have clumped'])
    await expect(page.getByText(new RegExp(text)).first()).toBeAttached();
});

test('a stretched ball in which all goes wrong: torn, hot, sour, oversalted, left warm', async ({ page }) => {
  await toTheBench(page, 'Quick stretched ball');
  await to(page, 'Pour acid');
  await wentIn(page, 'acid', '2', 'tsp');
  await expect(now(page)).toContainText('of acid in');
  await wrong(page, 'Acid went into warm milk', { 'At what temperature': '22' }, /strain out the flecks/);
  await to(page, 'Coagulant');
  await wrong(
    page,
    'The coagulant stood diluted, or its water had chlorine',
    { 'Minutes it stood': '30' },
    /half in half an hour/,
  );
  await to(page, 'Let it set');
  await wrong(
    page,
    'The pot was moved or knocked while it set',
    { 'How was it then': 'thickening' },
    /Hands off for another/,
  );
  await to(page, 'Drain');
  await wrong(
    page,
    'Some of the curd is lost',
    { 'Weight of what is left': '0.4' },
    /stays there.*less cheese/s,
  );
  await to(page, 'Stretch');
  await now(page)
    .getByRole('button', { name: /^tears/ })
    .click();
  await expect(now(page)).toContainText('waiting alone mends nothing');
  await pad(page).getByRole('textbox').fill('52');
  await pad(page).getByRole('button', { name: 'Note it' }).click();
  await now(page)
    .getByRole('button', { name: /^tears/ })
    .click();
  await expect(now(page)).toContainText('Its core was 52\u00a0°C');
  await wrong(
    page,
    'The curd got too hot in the stretch',
    { 'Core temperature': '72' },
    /Fold the hot edge.*of the fat/s,
  );
  await now(page)
    .getByRole('button', { name: /^stretches/ })
    .click();
  await expect(now(page)).toContainText('It pulls and shines');
  await to(page, 'Salt');
  await wrong(
    page,
    'Too much salt went in',
    { 'Salt in all': '30', 'Weight of the curd': '0.5' },
    /It holds about 5\.7\u00a0% of salt/,
  );
  await to(page, 'Weigh it');
  await wrong(page, 'Left out warm', { 'For how many hours': '9' }, /Unsafe: discard/);
  await page.getByRole('button', { name: 'Something went wrong' }).click();
  const sheet = page.getByRole('dialog', { name: 'What went wrong?' });
  await sheet.getByLabel('This').selectOption({ label: 'Left out warm' });
  await sheet.getByLabel('For how many hours').fill('many');
  await expect(sheet).toContainText('For how many hours: give a number from 0 to 1000');
  await expect(sheet.getByRole('button', { name: 'Write it down' })).toBeDisabled();
});

test('a sour log in which all goes wrong: tasted, cold, knocked, sticking, and nothing sound is thrown out', async ({
  page,
}) => {
  await toTheBench(page, 'Goat’s lactic log');
  await to(page, 'Warm');
  await wrong(
    page,
    'Only part of the milk went in',
    { 'Milk that is in the pot': '6' },
    /Go on with 6\.0\u00a0L.*50\u00a0% less/s,
  );
  // Milk that is left cold does not sour.
  await stage(page);
  await to(page, 'Add culture');
  await wentIn(page, 'culture', '0.05');
  await expect(now(page)).toContainText('of culture in');
  await to(page, 'Leave it');
  await now(page)
    .getByRole('button', { name: /^sweet still/ })
    .click();
  await expect(now(page)).toContainText('Nothing wrong');
  await wrong(
    page,
    'It cooled while it was setting',
    { 'By how many degrees': '5' },
    /Leave it standing and wrap it/,
  );
  for (let hour = 0; hour < 18; hour++) await on(page, '60');
  await now(page)
    .getByRole('button', { name: /^sour and set/ })
    .click();
  await expect(now(page)).toContainText('soured as it should');
  await to(page, 'Hang it');
  await wrong(page, 'Left out warm', { 'For how many hours': '18' }, /its culture has guarded it/);
  await wrong(page, 'It sticks to the cloth', {}, /Chill it in its cloth/);
  await weigh(page, '2.1');
  await expect(now(page)).toContainText('By that weight it holds');
  await wrong(page, 'Left draining too long', { 'Weight now': '1.3' }, /back in, a spoonful at a time/);
  await finish(page, '1.35');
  await expect(page.getByRole('region', { name: 'What came out' })).toContainText('1.35\u00a0kg');
});

test('a ricotta in which all goes wrong: caught, boiled over, cloudy, and flies', async ({ page }) => {
  await toTheBench(page, 'Whole-milk ricotta');
  await to(page, 'Scald');
  await wrong(page, 'It caught on the base', { 'What does it taste of': 'clean' }, /Do not scrape/);
  await wrong(page, 'It boiled over', { 'How much is gone, roughly': '1.2' }, /is for 10\.8\u00a0L now/);
  await wrong(
    page,
    'An insect or an animal was at it',
    { What: 'a fly or another insect' },
    /the heat that follows/,
  );
  await wrong(page, 'It got too cold', { 'By how many degrees': '10' }, /Warm it gently back by 10/);
  await to(page, 'Pour acid');
  for (const look of [/^cloudy/, /^clear/]) {
    const poured = now(page).getByRole('button', { name: /^Poured/ });
    await poured.click();
    await expect(poured).toBeHidden();
    await on(page, '1');
    await now(page).getByRole('button', { name: look }).click();
  }
  await expect(now(page).getByRole('button', { name: 'On to the rest' })).toBeVisible();
  await to(page, 'Drain');
  await wrong(page, 'It sticks to the cloth', {}, /Wet the cloth with warm whey/);
  await wrong(page, 'Left out warm', { 'For how many hours': '3' }, /eat it today, thoroughly heated/);
  await to(page, 'Salt');
  await wentIn(page, 'salt', '1', 'tbsp');
  await expect(now(page)).toContainText('of salt in');
  await wrong(
    page,
    'Too much salt went in',
    { 'Salt in all': '18', 'Weight of the curd': '1' },
    /It holds about 1\.8/,
  );
  await finish(page, '3.1');
});

test('a pressed cheese in which all goes wrong: load, cloth, cracks, turns, gas', async ({ page }) => {
  await toTheBench(page, 'Fresh pressed white');
  await to(page, 'Coagulant');
  await wentIn(page, 'coagulant', '20', 'drop');
  await expect(now(page)).toContainText('of coagulant in');
  await to(page, 'Let it set');
  await wrong(page, 'It cooled while it was setting', { 'By how many degrees': '3' }, /no fire under a set/);
  await to(page, 'Cut');
  await wrong(page, 'Cut too fine', { 'How large are the pieces': '3' }, /points less moisture/);
  await to(page, 'Press');
  await wrong(
    page,
    'The load rested on the rim, not on the cheese',
    { 'For how many minutes': '45' },
    /45\u00a0min did nothing/,
  );
  await wrong(page, 'It has cracked', { Where: 'fine lines on the face' }, /warm whey/);
  await wrong(page, 'Forgot a turn', { 'Minutes late': '30' }, /Turn it now/);
  await wrong(page, 'It sticks to the cloth', {}, /peel slowly/);
  await now(page).getByRole('button', { name: /^sags/ }).click();
  await expect(now(page)).toContainText('Back into its mould');
  await wrong(
    page,
    'Gas: bubbles in it, it swells or floats',
    { 'How much': 'a few small holes', 'How does it smell': 'clean' },
    /small holes and a clean smell/,
  );
  await wrong(
    page,
    'Gas: bubbles in it, it swells or floats',
    { 'How much': 'like a sponge: it swells or floats' },
    /Unsafe: discard/,
  );
});
