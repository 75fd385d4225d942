import { expect, type Page, test } from '@playwright/test';
import { action, beginAt, noteTemperature, open, openPlan, stored, to, toThePot } from './kitchen';
import { now, pad, weigh } from './mishaps';

const on = (page: Page) => page.locator('[data-main]').click();

async function noted(page: Page, what: 'pH' | 'weight', text: string) {
  const other = pad(page).getByRole('button', { name: what, exact: true });
  if (await other.isVisible()) await other.click();
  await pad(page).getByRole('textbox').fill(text);
  await pad(page).getByRole('button', { name: 'Note it' }).click();
  await expect(pad(page).getByRole('textbox')).toHaveValue('');
}

test('the bowl tells the cut, the knife what to do, and why it is late', async ({ page }) => {
  await beginAt(page, 'Squeaky cheddared curds', 'Set to a clean break');
  await page.clock.fastForward('10:00');
  await page.getByRole('button', { name: 'The bowl has stopped' }).click();
  await expect(now(page)).toContainText(/The bowl stopped after 1\d\.\d minutes: 3\.0 times that is the cut/);
  await expect(page.getByRole('button', { name: 'The bowl has stopped' })).toHaveCount(0);
  await page.clock.fastForward('40:00');
  await page.getByRole('button', { name: /^not yet/ }).click();
  await expect(action(page)).toContainText('Wait on');
  await expect(now(page)).toContainText('It is late');
  await page.clock.fastForward('15:00');
  await page.getByRole('button', { name: /^clean/ }).click();
  await expect(action(page)).toContainText('Ready');
  await on(page);
  await expect(action(page)).toContainText('Cut');
});

test('a pH moves the rest of the plan; a weighed bag tells its new time and its salt', async ({ page }) => {
  await beginAt(page, 'Goat’s lactic log', 'Leave it to set');
  // Its culture guards it, for so long.
  await expect(page.getByTestId('sours')).toContainText(
    /^At its warmth it has to be at pH 5\.6 by \d\d:\d\d; as it goes it is by \d\d:\d\d\.$/,
  );
  await expect(page.getByTestId('warm')).toHaveCount(0);
  await page.clock.fastForward('14:00:00');
  await noted(page, 'pH', '6.55');
  await expect(page.getByTestId('sours')).toContainText(/only by Fri .* throw it out then/);
  await expect(now(page)).toContainText('Slower than planned');
  await expect(now(page).getByRole('timer')).toContainText('pH 4.55');
  await page.clock.fastForward('12:00:00');
  await noted(page, 'pH', '4.52');
  await expect(now(page)).toContainText('too slowly to be safe: throw it out');
  await expect(now(page)).not.toContainText('It is there');
  await expect(page.getByTestId('sours')).toContainText(/longer than is safe .* throw it out/);
  await on(page);
  await expect(action(page)).toContainText('Hang it');
  await page.clock.fastForward('02:00:00');
  await noted(page, 'weight', '2.4');
  await expect(now(page)).toContainText(/By that weight it holds \d\d.% moisture now/);
  await on(page);
  await expect(action(page)).toContainText('Salt');
  await expect(action(page)).toContainText('24.0\u00a0g');
  await page.reload();
  await expect(action(page)).toContainText('24.0\u00a0g');
});

test('a weight that can hardly be is asked about, and noted as it is when that is pressed again', async ({
  page,
}) => {
  await beginAt(page, 'Goat’s lactic log', 'Hang in a bag');
  await weigh(page, '40');
  await expect(pad(page).getByRole('alert')).toContainText(
    /^40\.0\u00a0kg is more than all the milk, about \d/,
  );
  await expect(pad(page).getByRole('textbox')).toHaveValue('40');
  await expect(now(page)).not.toContainText('By that weight');
  await weigh(page, '2.4');
  await expect(pad(page).getByRole('alert')).toHaveCount(0);
  await expect(now(page)).toContainText('By that weight');
  await to(page, 'Weigh it');
  const finishWith = async (text: string) => {
    await pad(page).getByRole('textbox').fill(text);
    await pad(page).getByRole('button', { name: 'Weigh and finish' }).click();
  };
  await finishWith('900');
  await expect(pad(page).getByRole('alert')).toContainText('In grams? Then it is 0.900 here.');
  await finishWith('90');
  await expect(pad(page).getByRole('alert')).toContainText(
    /^90\.0\u00a0kg, where about .* was to be expected/,
  );
  await finishWith('90');
  await expect(page.getByRole('region', { name: 'What came out' })).toContainText('90.0\u00a0kg');
});

test('what is due rings on every view by batch and stage, sleeps, and rings again until it is answered', async ({
  page,
}) => {
  await openPlan(page, 'Skyr');
  await toThePot(page);
  await to(page, 'Scald');
  await page.getByRole('link', { name: 'Book' }).click();
  const bell = page.getByRole('alert', { name: 'Ringing' });
  await expect(bell).toHaveCount(0);
  // What sticks to the top makes room for what rings, and nothing is said of it where nothing does.
  const room = () => page.evaluate(() => document.documentElement.style.getPropertyValue('--ringing'));
  expect(await room()).toBe('');
  await page.clock.fastForward('01:30:00');
  await expect(bell).toContainText(/Skyr, .*: scald, time is up/);
  await expect.poll(room).toMatch(/^[1-9]\d*px$/);
  await bell.getByRole('button', { name: 'In 5 minutes again' }).click();
  await expect(bell).toHaveCount(0);
  await page.clock.fastForward('05:10');
  await expect(bell).toContainText('scald, time is up');
  await bell.getByRole('button', { name: 'To this pot' }).click();
  await expect(action(page)).toContainText('Scald');
  await expect(bell).toHaveCount(0);
  await expect.poll(room).toBe('');
});

test('a pot about to boil over is called before it climbs, by name', async ({ page }) => {
  await open(page, '/plan');
  await toThePot(page);
  await to(page, 'Scald');
  for (const reading of ['80', '88']) {
    await page.clock.fastForward('04:00');
    await pad(page).getByRole('textbox').fill(reading);
    await pad(page).getByRole('button', { name: 'Note it' }).click();
    await expect(pad(page).getByRole('textbox')).toHaveValue('');
  }
  await expect(now(page)).toContainText(/It climbs over the rim about \d\d:\d\d/);
  const bell = page.getByRole('alert', { name: 'Ringing' });
  await expect(bell).toHaveCount(0);
  await page.clock.fastForward('04:00');
  await expect(bell).toContainText('about to boil over! Turn it down');
  await page.clock.fastForward('02:00');
  await expect(now(page)).toContainText('It is at the boil.');
  const called = bell.locator('div').filter({ hasText: 'about to boil over' });
  await called.getByRole('button', { name: 'To this pot' }).click();
  await expect(called).toHaveCount(0);
  await page.reload();
  await now(page).waitFor();
  await expect(page.getByText('about to boil over!')).toHaveCount(0);
});

test('a tasting rings at its hour, and leads to its page', async ({ page }) => {
  await open(page, '/plan');
  await page.getByRole('button', { name: 'Begun or made already' }).click();
  const made = page.getByRole('form', { name: 'Made already' });
  await made.getByLabel('Begun').fill('2026-11-25T05:00');
  await made.getByLabel('Done').fill('2026-11-25T09:30');
  await made.getByRole('button', { name: 'Into the book' }).click();
  await page.waitForURL(/\/book\//);
  await page.getByRole('link', { name: 'Shelf' }).click();
  const bell = page.getByRole('alert', { name: 'Ringing' });
  await expect(bell).toHaveCount(0);
  await page.clock.fastForward('31:00');
  await expect(bell).toContainText('taste it again, and note how it has changed.');
  await bell.getByRole('button', { name: 'To its page' }).click();
  await expect(page.getByRole('region', { name: 'Tasted' })).toBeVisible();
  await expect(page.getByText('taste it again, and')).toHaveCount(0);
});

test('a clock that is set is shown, and countdowns go by it', async ({ page }) => {
  await open(page, '/plan');
  await toThePot(page);
  await to(page, 'Scald');
  await page.clock.setSystemTime(new Date('2026-11-26T09:10:00+01:00'));
  await expect(
    page.getByText(/The clock has jumped 1\d.min forward|The clock has jumped 9.min forward/),
  ).toBeVisible();
  await page.clock.setSystemTime(new Date('2026-11-26T08:00:00+01:00'));
  await expect(page.getByText(/The clock has jumped .* back/)).toBeVisible();
  await expect(now(page).getByRole('timer')).toContainText(/h/);
});

test('milk too cold for its coagulant is told before it goes in, and no more once it is warm', async ({
  page,
}) => {
  await beginAt(page, 'Squeaky cheddared curds', 'Coagulant in');
  const first = page.getByText('bring it there first');
  await expect(first).toHaveCount(0);
  await noteTemperature(page, '25');
  await expect(first).toContainText(/read at 25\.0.°C, and this goes in at 31.°C/);
  await noteTemperature(page, '31');
  await expect(first).toHaveCount(0);
  await noteTemperature(page, '19');
  await to(page, 'Let it set');
  await expect(now(page)).toContainText(/At 19\.0.°C it hardly sets at all/);
});

test('slab turns are counted; afterwards: a label with its use-by, and ricotta from the whey', async ({
  page,
}) => {
  await beginAt(page, 'Squeaky cheddared curds', 'Turn the slabs');
  await page.getByRole('button', { name: 'Turned: 0 of 6' }).click();
  await expect(page.getByRole('button', { name: 'Turned: 1 of 6' })).toBeVisible();
  await to(page, 'Weigh it');
  await pad(page).getByRole('textbox').fill('0.5');
  await pad(page).getByRole('button', { name: 'Weigh and finish' }).click();
  const after = page.getByRole('region', { name: 'Afterwards' });
  await expect(after).toContainText('Eat within 7 days');
  await expect(after).toContainText('ten seconds in a warm pan');
  await expect(after).toContainText('by 3 Dec 2026');
  await expect(after).toContainText(/Taste it again 21:/);
  await page.clock.fastForward('45:00');
  await after.getByRole('button', { name: 'It is cold through' }).click();
  await expect(after).toContainText('Cold through, 45');
  await after.getByRole('button', { name: 'Pots and cloths are clean' }).click();
  await expect(after).toContainText('Pots and cloths clean');
  await after.getByRole('button', { name: 'Go on with it' }).click();
  const goOn = page.getByRole('dialog', { name: 'Go on with it' });
  await expect(goOn).toContainText(/Out after about/);
  await goOn.getByLabel('Brine', { exact: true }).fill('40');
  await expect(goOn).toContainText('Give a brine of 2 to 26');
  await goOn.getByLabel('What', { exact: true }).selectOption('parted');
  await goOn.getByLabel('What stays').fill('0.3');
  await expect(goOn).toContainText('200\u00a0g goes its own way');
  await goOn.getByLabel('What stays').fill('0.5');
  await goOn.getByLabel('What', { exact: true }).selectOption('salted');
  await goOn.getByLabel('Salt wanted in it').fill('2');
  await expect(goOn).toContainText('Strew 10.0\u00a0g');
  await goOn.getByRole('button', { name: 'Write it down' }).click();
  await expect(after).toContainText('salted: Strew 10.0');
  await expect(after).toContainText(
    'sweet enough for ricotta for about 12 hours. In the cold it keeps 7 days',
  );
  const whey = after.getByLabel(/of whey to$/);
  await whey.selectOption('poured away');
  await expect(after).toContainText('Never into a stream, pond or canal');
  await whey.selectOption('animals');
  await expect(after).not.toContainText('canal');
  await page.reload();
  await expect(whey).toHaveValue('animals');
  const photos = page.getByRole('region', { name: 'Photos' });
  await photos.getByLabel('Put a photo in').setInputFiles({
    name: 'note.txt',
    mimeType: 'image/png',
    buffer: Buffer.from('no picture'),
  });
  await expect(page.getByText('no picture the browser can read')).toBeVisible();
  await photos.getByLabel('Put a photo in').setInputFiles('docs/screenshots/pot.png');
  await expect(photos.getByRole('img')).toBeVisible();
  await page.reload();
  await expect(photos.getByRole('img')).toBeVisible();
  await photos.getByRole('button', { name: 'take out' }).click();
  await expect(photos.getByRole('img')).toHaveCount(0);
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(photos.getByRole('img')).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  await expect(page.locator('.label')).toBeVisible();
  await expect(page.getByRole('heading', { level: 1 })).toBeHidden();
  await page.emulateMedia({ media: 'screen' });
  await after.getByRole('button', { name: /Ricotta from its/ }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Whey ricotta');
  await expect(page.getByTestId('yield')).toContainText('ricotta');
  // The day on the label is a day on which it may still be eaten, to its end.
  await page.goBack();
  const until = async (time: string) =>
    page.clock.fastForward(Date.parse(time) - (await page.evaluate(() => Date.now())));
  await until('2026-12-03T23:30+01:00');
  await expect(page.getByRole('banner')).toContainText('23:3');
  await expect(after).toContainText('by 3 Dec 2026');
  await expect(after).not.toContainText('That has passed');
  await until('2026-12-04T00:05+01:00');
  await expect(after).toContainText('That has passed: do not eat it.');
});

test('a probe on the simulated bench notes by itself, is lost and comes back, and the pad works beside it', async ({
  page,
}) => {
  await open(page, '/plan');
  await toThePot(page);
  await to(page, 'Scald');
  const probe = page.getByRole('region', { name: 'Probe' });
  await probe.getByRole('button', { name: 'Connect' }).click();
  await expect(probe).toContainText(/live, noted by itself/);
  await expect(page.getByRole('region', { name: 'Now' })).toContainText(/°C\s*just now/);
  await pad(page).getByRole('textbox').fill('21.5');
  await pad(page).getByRole('button', { name: 'Note it' }).click();
  await expect(now(page)).toContainText('21.5');
  const id = page.url().split('/').at(-1) as string;
  await page.request.post(`/bench/${id.slice(0, 40)}`, { data: { hob: 3 } });
  await page.route('**/bench/readings*', (route) => route.abort());
  await probe.getByRole('button', { name: 'Let it go' }).click();
  await probe.getByRole('button', { name: 'Connect' }).click();
  await page.clock.runFor('00:12');
  await expect(probe).toContainText('No probe answers');
  await page.unroute('**/bench/readings*');
  await probe.getByRole('button', { name: 'Let it go' }).click();
  await probe.getByRole('button', { name: 'Connect' }).click();
  await expect(probe).toContainText(/live, noted by itself/);
  // What it notes takes no button from under a finger or the keyboard.
  const back = page.getByRole('button', { name: 'Back', exact: true });
  await back.focus();
  await back.evaluate((button) => {
    new MutationObserver(() => button.setAttribute('data-taken', '')).observe(button, {
      attributeFilter: ['disabled'],
    });
  });
  const temperatures = async () => (await stored(page)).filter(({ type }) => type === 'temperature').length;
  const before = await temperatures();
  await page.request.post(`/bench/${id.slice(0, 40)}`, { data: { hob: 3, advanceMin: 3 } });
  await expect.poll(temperatures).toBeGreaterThan(before);
  await expect(back).toBeFocused();
  await expect(back).not.toHaveAttribute('data-taken');
});
