import { expect, test } from '@playwright/test';
import { DEMO } from '../playwright.config';
import { to } from './kitchen';
import { finish, now, pad } from './mishaps';
import { on, toTheBench } from './pretendPot';

test('a stretch that was too hot: tasted, asked, answered from its log, and the next one planned so', async ({
  page,
}) => {
  await toTheBench(page, 'Quick stretched ball');
  await to(page, 'Stretch');
  await on(page, '5');
  await pad(page).getByText('water', { exact: true }).click();
  await pad(page).getByRole('textbox').fill('89');
  await pad(page).getByRole('button', { name: 'Note it' }).click();
  await now(page)
    .getByRole('button', { name: /^stretches/ })
    .click();
  await finish(page, '1.5');
  const tasted = page.getByRole('region', { name: 'Tasted' });
  await tasted.getByRole('radio', { name: /not again/ }).click();
  await tasted.getByText('Something was wrong with it').click();
  await tasted.getByRole('button', { name: 'tough, rubbery' }).click();
  await tasted.getByRole('textbox', { name: /Taste and texture/ }).fill('like a boot');
  await tasted.getByRole('button', { name: 'Note the taste' }).click();
  await expect(tasted).toContainText('like a boot');
  await expect(tasted.getByRole('listitem')).toContainText('tough, rubbery');

  // What was noted at the tasting is looked into at once; it is young, and says so.
  const looking = page.getByRole('region', { name: 'Looking into it' });
  await expect(looking).toContainText('It is young to be judged');
  const most = looking.getByRole('list', { name: 'Most likely' }).getByRole('listitem').first();
  await expect(most).toContainText('The stretch was too hot');
  await expect(most).toContainText('The water was 89\u00a0°C, planned 75\u00a0°C');
  await most.getByRole('button', { name: /The water was 89/ }).click();
  const replay = page.getByRole('region', { name: 'Play it back' });
  await expect(replay).toContainText('Stretch');

  // Another finding puts another cause beside it; taken off again, it goes.
  await looking.getByRole('button', { name: 'bland' }).click();
  await expect(looking.getByRole('list', { name: 'Most likely' })).toContainText(
    /Too little salt|judged too early/,
  );
  await looking.getByRole('button', { name: 'bland' }).click();

  await looking.getByRole('button', { name: 'Plan the next one so: the stretch was too hot' }).click();
  await page.waitForURL(/plan/);
  await expect(page.getByRole('textbox', { name: 'Water or whey for it' })).toHaveValue('70');
  // The room is another at another hour, and nobody has changed it.
  await expect(page.getByText('Changed: water or whey for it 75 → 70\u00a0°C.')).toBeVisible();
});

test('the book sorts, finds, puts together, and lays makes side by side', async ({ page }) => {
  await page.goto(`${DEMO}/book`);
  const rows = page.locator('[data-make]');
  await expect(rows.first()).toContainText('Market ricotta');
  await page.getByRole('button', { name: 'score', exact: true }).click();
  await expect(page.getByRole('columnheader', { name: 'score' })).toHaveAttribute(
    'aria-sort',
    /ascending|descending/,
  );
  await page.getByRole('searchbox').fill('stretched ball');
  await page.getByRole('combobox', { name: 'Put together by' }).selectOption('make');
  const group = page.getByRole('button', { name: 'Quick stretched ball' });
  await expect(page.getByRole('rowheader', { name: /Quick stretched ball.*2 makes/ })).toBeVisible();
  await group.click();
  await expect(page.getByRole('link', { name: /First stretched balls/ })).toHaveCount(0);
  await page.getByRole('combobox', { name: 'Put together by' }).selectOption('nothing');
  await page.getByRole('searchbox').fill('pub curds');
  await expect(rows).toHaveCount(2);
  await page.getByRole('checkbox', { name: 'Lay Pub curds beside another' }).check();
  await page.getByRole('checkbox', { name: 'Lay Pub curds, in a hurry beside another' }).check();
  await page.getByRole('button', { name: 'Lay them side by side' }).click();
  const told = page.getByRole('region', { name: 'Pub curds, in a hurry against Pub curds' });
  await expect(told).toContainText(/less cheese of a litre/);
  await expect(told.getByRole('row', { name: /The cut/ })).toContainText('times the flocculation');
  await expect(page.getByRole('region', { name: 'On one track' }).getByRole('img')).toBeVisible();
});

test('a make is held against the shop once its price is given, and a wrong price is answered', async ({
  page,
}) => {
  await page.goto(`${DEMO}/book/demo-make-8`);
  const worth = page.getByRole('region', { name: 'Worth it?' });
  await expect(worth).toContainText('of hands');
  await worth.getByRole('textbox', { name: 'A kilo in a shop' }).fill('lots');
  await expect(worth).toContainText('Give a price');
  await worth.getByRole('textbox', { name: 'A kilo in a shop' }).fill('24');
  await expect(worth).toContainText(/a kilo for your hands: €\u00a0[\d.]+ an hour/);
  await page.reload();
  await expect(worth.getByRole('textbox', { name: 'A kilo in a shop' })).toHaveValue('24');
});
