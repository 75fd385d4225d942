import { expect, it } from 'vitest';
import { logTold, pH } from '../judge/fixtures/told';
import { judgeFile } from './question';

it('a question names its faults, and its answer is whole', () => {
  const make = {
    format: 'plump-pail/make',
    version: 1,
    id: 'told-make-1',
    events: logTold({ method: 'goat-lactic', notes: [['set', 480, pH(5.9)]] }),
  };
  const question = { format: 'plump-pail/question', version: 1, make, found: ['late-set'] };
  const answer = judgeFile(question);
  expect(answer.ok && answer.value.causes[0]?.id).toBe('culture-weak');
  const early = judgeFile({ ...question, foundAt: '2020-01-01T00:00' });
  expect(early.ok ? [] : early.faults.map(({ path }) => path)).toEqual(['foundAt']);
  const wrong = judgeFile({ ...question, found: ['dull'] });
  expect(wrong.ok ? [] : wrong.faults.map(({ path }) => path)).toEqual(['found.0']);
});
