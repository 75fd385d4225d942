import { createElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';
import { METHODS } from '../../makes';
import { basic, planned } from '../../plan/fixtures/briefs';
import { PICTURED, StagePicture } from '../../ui/pictures/StagePicture';

const draw = (kind: string, how?: string) =>
  renderToStaticMarkup(createElement(StagePicture, { kind, how, says: 'Right: so' }));

describe('every stage has its picture', () => {
  it.each(METHODS.map((method) => method.id))('of %s', (id) => {
    const { plan, parameters } = planned(basic(id));
    for (const stage of plan.stages) {
      expect(PICTURED).toContain(stage.kind);
      const drawn = draw(stage.kind, (parameters[stage.id] as { in?: string }).in);
      expect(drawn).toContain('aria-label="Right: so"');
      expect(drawn).not.toMatch(/NaN|undefined/);
    }
  });

  it('no two kinds share one, and a bag is no basket', () => {
    const all = PICTURED.map((kind) => draw(kind));
    expect(new Set(all).size).toBe(PICTURED.length);
    expect(new Set(['bag', 'cloth', 'colander', 'basket'].map((how) => draw('drain', how))).size).toBe(4);
  });

  it('a kind nobody has drawn has none', () => expect(draw('juggle')).toBe(''));
});
