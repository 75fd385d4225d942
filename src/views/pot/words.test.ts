import { describe, expect, it } from 'vitest';
import { formatter, METRIC } from '../../core/units/format';
import type { MakeEvent } from '../../run/events';
import type { RampAdvice } from '../../run/rampAdvice';
import { rampText } from '../common/rampText';
import { eventText } from './eventText';

const f = formatter(METRIC);
const NOON = new Date(2026, 10, 26, 12, 0).getTime();
const arriving = (pace: 'ahead' | 'behind' | 'on time', byMin: number): RampAdvice => ({
  kind: 'arriving',
  tempC: 60,
  arrivesAt: NOON,
  perMin: 1.4,
  pace,
  byMin,
});
const said = (advice: RampAdvice) => {
  const { now, why } = rampText(advice, f, { targetC: 90, curd: false });
  return `${now} ${why}`.replaceAll('\u00a0', ' ');
};

describe('what a ramp says', () => {
  it('one thing to do, with its number and its reason', () => {
    expect(said(arriving('behind', 9.4))).toBe(
      '9 min behind. At this pace 90 °C at 12:00, 1.4 °C a minute. Turn up a little, or put the lid on between stirs.',
    );
    expect(said(arriving('ahead', 4))).toMatch(/^4 min ahead\. .*Turn down a little/);
    expect(said(arriving('on time', 0.4))).toBe('On time. At this pace 90 °C at 12:00, 1.4 °C a minute.');
  });

  it('turns off with the heat it will coast to, and cools what is over', () => {
    expect(said({ kind: 'turn-off', tempC: 89.5, coastsToC: 90.4 })).toBe(
      'Turn the heat off now. It coasts to about 90 °C.',
    );
    expect(said({ kind: 'over', tempC: 96, byC: 6 })).toMatch(/^6\.0 °C over\. .*back at 90 °C/);
  });

  it('asks for what it lacks', () => {
    expect(said({ kind: 'no-reading' })).toMatch(/Note a temperature/);
    expect(said({ kind: 'one-reading', tempC: 20 })).toMatch(/Note another/);
    expect(said({ kind: 'stalled', tempC: 40 })).toMatch(/not getting warmer.*Is the heat on/);
  });

  it('speaks °F to who reads it', () => {
    const american = formatter({ ...METRIC, temperature: 'F' });
    const { why } = rampText(arriving('on time', 0), american, { targetC: 90, curd: false });
    expect(why.replaceAll('\u00a0', ' ')).toBe('At this pace 194 °F at 12:00, 2.5 °F a minute.');
  });
});

describe('what an undo takes back', () => {
  it('has a name of words for everything that can be taken back', () => {
    const events: Partial<MakeEvent>[] = [
      { type: 'done' },
      { type: 'back' },
      { type: 'skipped' },
      { type: 'paused' },
      { type: 'resumed' },
      { type: 'temperature' },
      { type: 'corrected' },
      { type: 'imported' },
      { type: 'whey', look: 'cloudy' },
      { type: 'acid' },
      { type: 'note' },
      { type: 'finished' },
    ];
    const names = events.map((event) => eventText(event as MakeEvent));
    expect(new Set(names).size).toBe(names.length);
    expect(names).toContain('whey cloudy');
    for (const name of names) expect(name).toMatch(/^[a-z’ ]+$/);
  });
});
