import { describe, expect, it } from 'vitest';
import { fridgeDays } from './fridge';
import { equivalentMinutesAt63, pasteurisingSeconds, wantsHotter } from './pasteurise';

describe('pasteurisation (US Pasteurized Milk Ordinance, from memory)', () => {
  it.each([
    [63, 1800],
    [72, 15],
    [89, 1],
    [90, 0.5],
    [94, 0.1],
    [96, 0.05],
    [100, 0.01],
  ])('%d °C wants %d s', (tempC, seconds) => {
    expect(pasteurisingSeconds(tempC, false)).toBeCloseTo(seconds, 9);
    expect(pasteurisingSeconds(tempC + 3, true)).toBeCloseTo(seconds, 9);
  });

  it('counts nothing below 63 °C and 30 min for the plain hold', () => {
    expect(
      equivalentMinutesAt63(
        [
          [0, 62.9],
          [600, 62.9],
        ],
        false,
      ),
    ).toBe(0);
    expect(
      equivalentMinutesAt63(
        [
          [0, 63],
          [30, 63],
        ],
        false,
      ),
    ).toBeCloseTo(30, 9);
  });

  it('wants hotter for rich or sweetened milk', () => {
    expect([
      wantsHotter(10, 12, false),
      wantsHotter(7, 18, false),
      wantsHotter(3, 12, true),
      wantsHotter(3, 12, false),
    ]).toEqual([true, true, true, false]);
  });
});

it('keeps ricotta 5 days, from unheated raw milk half of it (from memory, cautious)', () => {
  expect(fridgeDays('ricotta', 'pasteurised', true)).toBe(5);
  expect(fridgeDays('pot-cheese', 'raw', false)).toBe(2);
});
