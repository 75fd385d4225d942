import { describe, expect, it } from 'vitest';
import { CURD_STYLE_NAMES } from '../curd/styles';
import { daysInFridge, fridgeDays } from './fridge';
import { habitOf } from './habits';
import { equivalentMinutesAt63, pasteurisingSeconds, wantsHotter } from './pasteurise';
import { tasteAgainHours } from './taste';
import { allowedWarmMin, warmMinutes } from './warmTime';

describe('warm time', () => {
  it('is two hours in all, a day for curd soured to 4.6', () => {
    expect([7, 4.61, 4.6, 4].map(allowedWarmMin)).toEqual([120, 120, 1440, 1440]);
  });
});

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

describe('warm time (guidance of food authorities, from memory)', () => {
  it('counts minutes between 5 and 60 °C, straight between the points', () => {
    expect(
      warmMinutes([
        [0, 4],
        [10, 4],
        [20, 90],
      ]),
    ).toBeCloseTo((10 * 55) / 86, 9);
    expect(
      warmMinutes([
        [0, 20],
        [90, 20],
      ]),
    ).toBe(90);
    expect(
      warmMinutes([
        [0, 90],
        [10, 70],
      ]),
    ).toBe(0);
  });
});

it('keeps a month in strong brine, curds a week, lactic ten days (from memory, cautious)', () => {
  expect(fridgeDays('grilling', 'pasteurised', false, { brinePctWw: 12 })).toBe(30);
  expect(fridgeDays('grilling', 'raw', false, { brinePctWw: 12 })).toBe(7);
  expect([fridgeDays('squeaky', 'pasteurised', false), fridgeDays('skyr', 'raw', false)]).toEqual([7, 5]);
});

it('asks to be tasted again when it has changed: curds at half a day, pressed cheese after two weeks (common practice)', () => {
  expect(tasteAgainHours('squeaky')[0]).toBe(12);
  expect(tasteAgainHours('fresh-pressed').at(-1)).toBe(14 * 24);
  for (const style of CURD_STYLE_NAMES) {
    const hours = tasteAgainHours(style);
    expect([...hours].sort((a, b) => a - b)).toEqual(hours);
    expect(hours[0]).toBeGreaterThan(0);
  }
});

it('a warm fridge keeps for half the days, a warmer one for a day', () => {
  expect([null, 3, 4, 5, 8, 9].map((c) => daysInFridge(7, c))).toEqual([7, 7, 7, 3, 3, 1]);
  expect(daysInFridge(1, 6)).toBe(1);
});

it('a habit with raw milk is told of raw milk alone', () => {
  expect(habitOf('cottage', true)?.habit).toContain('raw milk');
  expect(habitOf('cottage', false)).toBeNull();
  expect(habitOf('squeaky', false)).toEqual(habitOf('squeaky', true));
  expect(habitOf('ricotta', true)).toBeNull();
});
