import { expect, type Page, test } from '@playwright/test';
import { DEMO } from '../playwright.config';
import { formatter, METRIC } from '../src/core/units/format';
import { planBrief } from '../src/plan/plan';
import type { Plan } from '../src/plan/schema';
import { benchPot, putOnBench } from '../src/sim/bench';
import { FAMILIES } from './families';
import { action, choose } from './kitchen';

const now = (page: Page) => page.getByRole('region', { name: 'Now' });
const pretend = (page: Page) => page.getByRole('group', { name: 'Pretend pot' });
const heading = (page: Page) => now(page).getByText(/· stage \d+ of \d+ ·/);
const stageNow = async (page: Page) => /stage (\d+) of/.exec((await heading(page).textContent()) ?? '')?.[1];
const says = async (page: Page) => (await now(page).textContent()) ?? '';

/** Lets time go by, and waits until the app has heard of it. */
async function on(page: Page, minutes: '1' | '5' | '60') {
  const answered = page.waitForResponse((one) => one.url().includes('/bench/'));
  await pretend(page)
    .getByRole('button', { name: `${minutes}\u00a0min on`, exact: true })
    .click();
  await answered;
}
async function hob(page: Page, to: 'off' | 'middle' | 'full') {
  const answered = page.waitForResponse((one) => one.url().includes('/bench/'));
  await pretend(page).getByRole('radio', { name: to }).click();
  await answered;
}

/** Lets the countdown of the stage run out. */
async function waitOut(page: Page) {
  for (let i = 0; i < 90; i++) {
    const left = (await now(page).getByRole('timer').getAttribute('aria-label')) ?? '';
    if (left.startsWith('+') || left.startsWith('−') || /^0?0:|^over/.test(left)) return;
    if (!(await now(page).getByRole('timer').textContent())?.includes('until')) return;
    await on(page, /h|days/.test(left.split(',')[0] ?? '') ? '60' : '5');
  }
}

async function warm(page: Page) {
  await hob(page, 'full');
  for (let i = 0; i < 200; i++) {
    const text = await says(page);
    if (/Turn the heat off now|over\./.test(text)) break;
    // Far from its heat a pot may be left for a while; near it one stands by.
    const left = /^(\d+):\d\d,/.exec(
      (await now(page).getByRole('timer').getAttribute('aria-label')) ?? '',
    )?.[1];
    await on(page, Number(left ?? 0) > 12 ? '5' : '1');
  }
  await hob(page, 'off');
  await on(page, '1');
}

async function cool(page: Page) {
  const lid = page.getByLabel('in ice water');
  await lid.check();
  const wanted = Number(/Cool (\d+)/.exec((await action(page).textContent()) ?? '')?.[1]);
  const live = page.getByRole('region', { name: 'Probe' }).locator('strong').first();
  for (let i = 0; i < 60; i++) {
    if (Number.parseFloat((await live.textContent()) ?? '99') <= wanted + 1) break;
    await on(page, '1');
  }
  await lid.uncheck();
}

/** The set: watch the bowl, note it, wait for the knife. */
async function set(page: Page) {
  const looks = page.getByTestId('looks');
  for (let i = 0; i < 180 && !(await looks.textContent())?.includes('stands still'); i++) await on(page, '1');
  await now(page).getByRole('button', { name: 'The bowl has stopped' }).click();
  await expect(now(page)).toContainText('times that is the cut');
  await waitOut(page);
  await now(page)
    .getByRole('button', { name: /^clean/ })
    .click();
  await expect(action(page)).toContainText('Ready');
}

async function sour(page: Page) {
  for (let i = 0; i < 80; i++) {
    if (/It is there|past its pH/.test(await says(page))) return;
    await on(page, '60').catch(() => undefined);
  }
}

/** Acid in portions until the pretend whey is clear. */
async function acid(page: Page) {
  for (let i = 0; i < 12; i++) {
    const poured = now(page).getByRole('button', { name: /^Poured/ });
    if (await poured.isVisible()) {
      await poured.click();
      await expect(poured).toBeHidden();
    }
    await on(page, '1');
    const look = /whey is (\w+)/.exec((await page.getByTestId('looks').textContent()) ?? '')?.[1];
    const button = now(page).getByRole('button', { name: new RegExp(`^${look}`) });
    if (await button.isVisible()) await button.click();
    if (await now(page).getByRole('button', { name: 'On to the rest' }).isVisible()) return;
  }
}

async function stage(page: Page) {
  const text = await says(page);
  const what = (await action(page).textContent()) ?? '';
  if (await now(page).getByRole('button', { name: 'The bowl has stopped' }).isVisible()) await set(page);
  else if (
    await now(page)
      .getByRole('button', { name: /^Poured/ })
      .isVisible()
  )
    await acid(page);
  else if (/pH \d/.test((await now(page).getByRole('timer').textContent()) ?? '')) await sour(page);
  else if (/Note a temperature|At this pace|Note another|not getting warmer|Turn the heat off/.test(text))
    await warm(page);
  else if (what.startsWith('Cool ')) await cool(page);
  else await waitOut(page);
}

test('a make under way meets a pretend pot as warm as it was last read, and connecting again keeps it', async ({
  page,
}) => {
  await page.goto(`${DEMO}/pot`);
  const probe = page.getByRole('region', { name: 'Probe' });
  const noted = page.getByRole('region', { name: 'Noted last' });
  await expect(noted).toContainText('58.0');
  await probe.getByRole('button', { name: 'Connect' }).click();
  await expect(pretend(page)).toBeVisible();
  const live = probe.locator('strong').first();
  await expect(live).toContainText(/^5[5-9]|^6[01]/);
  await hob(page, 'full');
  await on(page, '5');
  await expect(live).toContainText(/^[67]\d/);
  await probe.getByRole('button', { name: 'Let it go' }).click();
  await probe.getByRole('button', { name: 'Connect' }).click();
  await expect(live).toContainText(/^[67]\d/);
  await expect(noted).not.toContainText(/^\D*\d\.\d/);
});

/** Predictions without their spread. */
const likelyOf = (predictions: Plan['predictions']) =>
  Object.fromEntries(
    Object.entries(predictions).map(([key, value]) => [
      key,
      typeof value === 'object' && value !== null ? value.likely : value,
    ]),
  );

for (const title of FAMILIES) {
  test(`${title}: driven through the pretend pot, hastened, to the book`, async ({ page }) => {
    test.setTimeout(170_000);
    await page.goto(`${DEMO}/plan`);
    await choose(page, title);
    await page.getByRole('button', { name: 'Take it to the pot' }).click();
    await expect(now(page)).toBeVisible();
    const id = page.url().split('/').at(-1) as string;
    await page.getByRole('region', { name: 'Probe' }).getByRole('button', { name: 'Connect' }).click();
    await expect(pretend(page)).toBeVisible();
    for (let i = 0; i < 40 && !(await action(page).textContent())?.includes('Weigh it'); i++) {
      const before = await stageNow(page);
      await stage(page);
      const main = page.locator('[data-main]');
      await expect(main).toBeEnabled();
      await main.click();
      await expect.poll(() => stageNow(page)).not.toBe(before);
    }
    await expect(action(page)).toContainText('Weigh it');

    const plan = await page.evaluate(
      (makeId) =>
        new Promise<Plan>((resolve, reject) => {
          const opened = indexedDB.open('plump-pail');
          opened.onerror = () => reject(opened.error);
          opened.onsuccess = () => {
            const first = opened.result.transaction('events').objectStore('events').get([makeId, 0]);
            first.onsuccess = () => resolve(first.result.plan);
          };
        }),
      id,
    );
    const core = planBrief(plan.brief);
    if (!core.ok) throw new Error('the core plans what the app planned');
    // A plan's own brief says every default as if it were measured, so its spread is narrower; what is likely is the same.
    expect(likelyOf(plan.predictions)).toEqual(likelyOf(core.value.plan.predictions));

    // The same pot, drawn again beside the app: what it comes to is what the scale must show.
    const pot = benchPot(plan.brief.milk.litres ?? 0, 1);
    putOnBench(pot, plan.brief);
    const kg = pot.batch?.kg ?? 0;
    const shown = /On the scale: ([\d.]+)\s(k?g)/.exec((await page.getByTestId('looks').textContent()) ?? '');
    const weighed = Number(shown?.[1]) / (shown?.[2] === 'g' ? 1000 : 1);
    expect(Math.abs(weighed - kg)).toBeLessThan(0.012);

    const pad = page.getByRole('form', { name: 'Note a reading' });
    await pad.getByRole('textbox').fill(String(weighed));
    // What rings above may move the page under the finger: then one presses again.
    await expect(async () => {
      await pad.getByRole('button', { name: 'Weigh and finish' }).click({ timeout: 5000 });
      await expect(page).toHaveURL(/\/book\//, { timeout: 8000 });
    }).toPass({ timeout: 40_000 });
    const out = page.getByRole('region', { name: 'What came out' });
    await expect(out).toContainText(formatter(METRIC).kg(weighed));
    const { likely, low, high } = core.value.plan.predictions.yieldKg;
    await expect(out).toContainText(`planned ${formatter(METRIC).kg(likely)}`);
    const asPlanned = Math.round(Math.abs(weighed / likely - 1) * 100) === 0;
    await expect(out).toContainText(
      asPlanned
        ? 'As planned.'
        : weighed >= low && weighed <= high
          ? 'within what was to be expected'
          : 'outside what was to be expected',
    );
  });
}
