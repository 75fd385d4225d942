import { expect, test } from '@playwright/test';
import { make, started, tear } from './fromAfar';
import { give, noteTemperature, open, saved, toThePot } from './kitchen';

test('another backup brought back can be undone, also after a reload; nothing goes without a word', async ({
  page,
}) => {
  await open(page, '/plan');
  await toThePot(page);
  await noteTemperature(page, '21');
  await page.goto('/kitchen');
  const mine = JSON.parse(await saved(page, 'Save a backup'));
  const other = { ...mine, makes: [make([started])] };
  await give(page, 'Bring a backup back', other);
  await expect(page.getByText('The backup is back.')).toBeVisible();
  await page.reload();
  await page.getByRole('button', { name: 'As it was before the last backup came back' }).click();
  await expect(page.getByText('Everything is as it was before the backup.')).toBeVisible();
  await page.goto('/pot');
  await page.getByRole('region', { name: 'Now' }).waitFor();
  await expect(page.getByRole('region', { name: 'Now' })).not.toContainText('from afar');
  await page.goto('/kitchen');
  expect(JSON.parse(await saved(page, 'Save a backup'))).toEqual(mine);
});

test('a large backup says how far it is, and meanwhile the page answers', async ({ page }) => {
  await open(page, '/kitchen');
  const mine = JSON.parse(await saved(page, 'Save a backup'));
  const readings = Array.from({ length: 40 }, (_, i) => ({ type: 'temperature', tempC: 20 + i / 2 }));
  const makes = Array.from({ length: 300 }, (_, i) => ({
    ...make([started, ...readings]),
    id: `from-afar-${i}`,
  }));
  await give(page, 'Bring a backup back', { ...mine, makes });
  const bar = page.getByRole('progressbar', { name: 'Bringing the backup back' });
  await expect(bar).toBeVisible();
  await expect(page.getByRole('button', { name: 'Save a backup' })).toBeDisabled();
  // Another view opens while it goes on, and hears when it is done.
  await page.getByRole('link', { name: 'Reckon', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1 })).not.toHaveText('The kitchen');
  await expect(page.getByText('The backup is back.')).toBeVisible();
  await page.getByRole('link', { name: 'Kitchen', exact: true }).click();
  await expect(bar).toHaveCount(0);
  expect(JSON.parse(await saved(page, 'Save a backup')).makes).toHaveLength(300);
});

test('a backup is offered where there is none and much has happened; it can be put off, and saving ends it', async ({
  page,
}) => {
  const DAY = 86_400_000;
  await open(page, '/book');
  const first = Date.parse('2026-11-02T08:00:00Z');
  const six = Array.from({ length: 6 }, (_, i) => `make-of-day-${i}`);
  await tear(page, 'makes', ...six.map((id) => ({ id })));
  await tear(
    page,
    'events',
    ...six.flatMap((makeId, i) => [
      { ...started, makeId, seq: 0, at: first + i * 4 * DAY },
      { type: 'finished', weighedKg: 0.9, makeId, seq: 1, at: first + i * 4 * DAY + 7_200_000 },
    ]),
  );
  await page.reload();
  const offer = page.getByRole('region', { name: 'A backup' });
  await expect(offer).toContainText('6 makes in 24 days, and no backup yet');
  await offer.getByRole('button', { name: 'In a week' }).click();
  await expect(offer).toHaveCount(0);
  await page.reload();
  await expect(page.locator('[data-make]').first()).toBeVisible();
  await expect(offer).toHaveCount(0);
  await page.clock.setFixedTime(new Date('2026-12-04T09:00:00+01:00'));
  await page.reload();
  await expect(offer).toContainText('6 makes in 32 days');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    offer.getByRole('button', { name: 'Save a backup' }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('plump-pail-backup.json');
  await expect(offer).toHaveCount(0);
});
