import { expect, type Page } from '@playwright/test';
import { to } from './kitchen';

export const now = (page: Page) => page.getByRole('region', { name: 'Now' });
export const pad = (page: Page) => page.getByRole('form', { name: 'Note a reading' });

/** Says what went wrong, with its answers, and what is told; writes it down. */
export async function wrong(page: Page, what: string, answers: Record<string, string>, told: RegExp) {
  await page.getByRole('button', { name: 'Something went wrong' }).click();
  const sheet = page.getByRole('dialog', { name: 'What went wrong?' });
  await sheet.getByLabel('This').selectOption({ label: what });
  for (const [ask, answer] of Object.entries(answers)) {
    const field = sheet.getByLabel(ask, { exact: true });
    if (await field.evaluate((it) => it instanceof HTMLSelectElement))
      await field.selectOption({ label: answer });
    else await field.fill(answer);
  }
  await expect(sheet).toContainText(told);
  await sheet.getByRole('button', { name: 'Write it down' }).click();
  await expect(sheet).toHaveCount(0);
}

export async function weigh(page: Page, kg: string) {
  const weight = pad(page).getByRole('button', { name: 'weight', exact: true });
  if (await weight.isVisible()) await weight.click();
  await pad(page).getByRole('textbox').fill(kg);
  await pad(page).getByRole('button', { name: 'Note it' }).click();
}

export async function finish(page: Page, kg: string) {
  await to(page, 'Weigh it');
  await pad(page).getByRole('textbox').fill(kg);
  await pad(page).getByRole('button', { name: 'Weigh and finish' }).click();
  await page.waitForURL(/book/);
}
