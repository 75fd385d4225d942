import { expect, type Page } from '@playwright/test';
import { DEMO } from '../playwright.config';
import type { Plan } from '../src/plan/schema';
import type { MakeEvent } from '../src/run/events';
import { action, choose } from './kitchen';
import { now } from './mishaps';

export const pretend = (page: Page) => page.getByRole('group', { name: 'Pretend pot' });
const says = async (page: Page) => (await now(page).textContent()) ?? '';

/** The bench's answer to what was told it of that, and of nothing else that is on its way. */
const answerTo = (page: Page, what: 'advanceMin' | 'hob') =>
  page.waitForResponse(
    (one) => one.url().includes('/bench/') && one.request().postData()?.includes(`"${what}":`) === true,
  );

/** Lets time go by, and waits until the app has heard of it. */
export async function on(page: Page, minutes: '1' | '5' | '15' | '60') {
  const answered = answerTo(page, 'advanceMin');
  await pretend(page)
    .getByRole('button', { name: `${minutes}\u00a0min on`, exact: true })
    .click();
  await answered;
}
export async function hob(page: Page, to: 'off' | 'middle' | 'full') {
  const setting = pretend(page).getByRole('radio', { name: to });
  // A pot stays on the bench as it was left: turned to where it is already, nothing is told.
  if (await setting.isChecked()) return;
  const answered = answerTo(page, 'hob');
  await setting.click();
  await answered;
}

/** Lets the countdown of the stage run out. */
async function waitOut(page: Page) {
  for (let i = 0; i < 90; i++) {
    const left = (await now(page).getByRole('timer').getAttribute('aria-label')) ?? '';
    if (left.startsWith('+') || left.startsWith('−') || /^0?0:|^over/.test(left)) return;
    if (!(await now(page).getByRole('timer').textContent())?.includes('until')) return;
    const [time = ''] = left.split(',');
    await on(page, /h|days/.test(time) ? '60' : Number.parseInt(time, 10) >= 15 ? '15' : '5');
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
    await on(page, Number(left ?? 0) > 8 ? '5' : '1');
  }
  await hob(page, 'off');
  await on(page, '1');
}

/** Puts the pot into ice water, or takes it out: the bench answers when it stands there. */
async function ice(page: Page, into: boolean) {
  await page.getByLabel('in ice water').click();
  await expect(page.getByLabel('in ice water')).toBeChecked({ checked: into });
}

/** Stands the pot in ice water until the probe reads at most so much over what is wanted. */
export async function cool(page: Page, overC = 1) {
  await ice(page, true);
  const wanted = Number(/(\d+)\s*°C/.exec((await action(page).textContent()) ?? '')?.[1]);
  const live = page.getByRole('region', { name: 'Probe' }).locator('strong').first();
  for (let i = 0; i < 60; i++) {
    if (Number.parseFloat((await live.textContent()) ?? '99') <= wanted + overC) break;
    await on(page, '1');
  }
  await ice(page, false);
}

/** The set: watch the bowl, note it, wait for the knife. */
async function set(page: Page) {
  const looks = page.getByTestId('looks');
  for (let i = 0; i < 180 && !(await looks.textContent())?.includes('stands still'); i++) await on(page, '1');
  await now(page).getByRole('button', { name: 'The bowl has stopped' }).click();
  await expect(now(page)).toContainText('times that is the cut');
  await waitOut(page);
  // What rings above may move the page under the finger: then one presses again.
  await expect(async () => {
    if (!(await action(page).textContent())?.includes('Ready'))
      await now(page)
        .getByRole('button', { name: /^clean/ })
        .click({ timeout: 5000 });
    await expect(action(page)).toContainText('Ready', { timeout: 6000 });
  }).toPass();
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

export async function stage(page: Page) {
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

/** Plans a make in the demo kitchen, takes it to the pot and connects the pretend one. */
export async function toTheBench(page: Page, title: string) {
  await page.goto(`${DEMO}/plan`);
  await choose(page, title);
  await page.getByRole('button', { name: 'Take it to the pot' }).click();
  await now(page).waitFor();
  await page.getByRole('region', { name: 'Probe' }).getByRole('button', { name: 'Connect' }).click();
  await pretend(page).waitFor();
}

/** The log of the make at the pot, as it is stored. */
export const logOf = (page: Page): Promise<MakeEvent[]> =>
  page.evaluate(
    (makeId) =>
      new Promise<MakeEvent[]>((resolve, reject) => {
        const opened = indexedDB.open('plump-pail');
        opened.onerror = () => reject(opened.error);
        opened.onsuccess = () => {
          const all = opened.result
            .transaction('events')
            .objectStore('events')
            .getAll(IDBKeyRange.bound([makeId, 0], [makeId, 1e9]));
          all.onsuccess = () => resolve(all.result);
        };
      }),
    page.url().split('/').at(-1) as string,
  );

/** The plan the make at the pot began with. */
export async function startedPlan(page: Page): Promise<Plan> {
  const [first] = await logOf(page);
  if (first?.type !== 'started') throw new Error('a make begins with its start');
  return first.plan;
}
