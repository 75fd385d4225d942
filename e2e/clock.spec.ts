import { expect, test } from '@playwright/test';
import { action, beginAt, noteTemperature, open, to, toThePot, wentIn } from './kitchen';

test('a clock set back: the newer reading stays the newer, and nothing lasts less than nothing', async ({
  page,
}) => {
  await open(page, '/plan');
  await toThePot(page);
  await page.getByRole('button', { name: 'All clean' }).click();
  await page.getByRole('button', { name: 'Measured' }).click();
  await page.clock.fastForward('10:00');
  await noteTemperature(page, '21');
  await page.clock.setSystemTime(new Date('2026-11-26T08:05:00+01:00'));
  await noteTemperature(page, '33');
  const now = page.getByRole('region', { name: 'Now' });
  await expect(page.getByRole('region', { name: 'Noted last' }).getByRole('listitem').first()).toContainText(
    '33',
  );
  await expect(now).not.toContainText(/-\d|NaN/);
  await expect(now.getByRole('timer')).toBeVisible();
});

test('a clock that jumps between two goes of a dose adds both, and the plan follows the sum', async ({
  page,
}) => {
  await beginAt(page, 'Squeaky cheddared curds', 'Coagulant in');
  await wentIn(page, 'coagulant', '0.5');
  for (const jump of ['2026-11-26T07:00:00+01:00', '2026-11-27T19:00:00+01:00']) {
    await page.clock.setSystemTime(new Date(jump));
    await wentIn(page, 'coagulant', '0.2');
  }
  const now = page.getByRole('region', { name: 'Now' });
  await expect(now).toContainText(/0\.9 mL of coagulant in/);
  await to(page, 'Let it set');
  await page.clock.setSystemTime(new Date('2026-11-26T09:30:00+01:00'));
  await page.reload();
  await expect(action(page)).toContainText('Let it set');
  await expect(now).not.toContainText(/-\d|NaN/);
});
