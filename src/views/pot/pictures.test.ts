import { createElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { describe, expect, it } from 'vitest';
import { METHODS } from '../../makes';
import { stageKind } from '../../makes/kinds';
import { basic, planned } from '../../plan/fixtures/briefs';
import { DRAWN, StagePicture } from '../../ui/pictures/StagePicture';

const draw = (picture: string) =>
  renderToStaticMarkup(createElement(StagePicture, { picture, overFire: false, says: 'Right: so' }));

describe('every stage has its picture', () => {
  it.each(METHODS.map((method) => method.id))('of %s', (id) => {
    const { plan, parameters } = planned(basic(id));
    for (const stage of plan.stages) {
      const picture = stageKind(stage.kind).picture(parameters[stage.id]);
      expect(DRAWN).toContain(picture);
      const drawn = draw(picture);
      expect(drawn).toContain('aria-label="Right: so"');
      expect(drawn).not.toMatch(/NaN|undefined/);
    }
  });

  it('no two share one', () => expect(new Set(DRAWN.map(draw)).size).toBe(DRAWN.length));

  it('one that nobody has drawn is milk in its pot, whatever it is called', () => {
    for (const name of ['juggle', 'toString']) expect(draw(name)).toBe(draw('measure'));
  });
});
