import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { Page } from '@playwright/test';

const axe = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

interface Axe {
  axe: { run(asked: { resultTypes: string[] }): Promise<{ violations: unknown[] }> };
}

interface Found {
  id: string;
  impact: string;
  nodes: { html: string; failureSummary: string }[];
}

/** Faults of serious or critical weight; incomplete checks are not faults. */
export async function serious(page: Page): Promise<string[]> {
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe);
  // Colours on their way from one look to the other are neither; what stands still or never ends is not waited for.
  await page.evaluate(() =>
    Promise.allSettled(
      document
        .getAnimations()
        .filter(
          ({ playState, effect }) =>
            playState === 'running' && Number.isFinite(effect?.getComputedTiming().endTime),
        )
        .map((animation) => animation.finished),
    ),
  );
  const found = (
    await page.evaluate(() => (window as unknown as Axe).axe.run({ resultTypes: ['violations'] }))
  ).violations as Found[];
  return found
    .filter((one) => one.impact === 'serious' || one.impact === 'critical')
    .flatMap((one) =>
      one.nodes.map((node) => `${one.id}: ${node.html.slice(0, 160)} ${node.failureSummary}`),
    );
}
