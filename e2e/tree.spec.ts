import { expect, test } from '@playwright/test';
import { MORNING } from './kitchen';
import { Tree } from './tree';

test('a whole make by the accessibility tree alone: every step has a role and a name', async ({ page }) => {
  await page.clock.install({ time: new Date(`${MORNING}+01:00`) });
  await page.goto('/plan');
  const tree = await Tree.of(page);
  const note = async (tempC: string) => {
    await tree.type(/^Temperature/, tempC);
    await tree.press('button', /^Note it$/);
  };
  await tree.press('radio', /^Whole-milk ricotta$/);
  await tree.hears('heading', /Whole-milk ricotta/);
  await tree.press('button', /^Take it to the pot$/);
  await tree.press('button', /^All clean/);
  await tree.press('button', /^Measured/);
  await tree.hears('heading', /^Scald/);
  await page.clock.fastForward('20:00');
  await note('52.5');
  await page.clock.fastForward('10:00');
  await note('72');
  // How it stands is told, and what to do about it.
  await tree.hears('StaticText', /min (ahead|behind)|On time/);
  await tree.press('button', /reached/);
  await tree.press('button', /^Poured/);
  await page.clock.fastForward('02:00');
  await tree.press('button', /^cloudy/);
  await tree.press('button', /^Poured/);
  await tree.press('button', /^clear/);
  await tree.press('button', /^On to the rest/);
  await tree.hears('heading', /^Let it rest/);
  await page.clock.fastForward('12:00');
  await tree.press('button', /^Rested/);
  await page.clock.fastForward('45:00');
  await tree.press('button', /^Drained/);
  await tree.press('button', /^Salted/);
  await tree.hears('heading', /^Weigh it/);
  await tree.type(/^Finished weight/, '1.62');
  await tree.press('button', /^Weigh and finish/);
  await tree.hears('heading', /^What came out/);
  await tree.press('radio', /good/);
  await tree.type(/^Taste and texture/, 'Sweet and tender');
  await tree.press('button', /^Note the taste/);
  await tree.hears('StaticText', /Sweet and tender/);
  expect(await tree.has('button', /^$/)).toBe(false);
});
