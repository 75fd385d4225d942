import { z } from 'zod';
import type { Format } from '../units/format';
import { SOURED_PH } from './slowSouring';

const figure = z.number().finite();

/** A caution of one batch as data: what it is about and its figures in SI. Words are made where it is shown, in the maker's units. */
export const toldSchema = z.discriminatedUnion('id', [
  z.strictObject({
    id: z.literal('stretch-window'),
    side: z.enum(['too cold', 'too hot', 'not sour enough', 'too sour', 'worked too long']),
    pH: figure,
    lowPH: figure,
    highPH: figure,
    fromC: figure,
    mostC: figure,
  }),
  z.strictObject({ id: z.literal('slow-souring'), sharePct: figure, hours: figure.nullable() }),
  z.strictObject({
    id: z.literal('stands-warm'),
    minutes: figure,
    allowedMin: figure,
    hotAgain: z.boolean(),
  }),
  z.strictObject({
    id: z.literal('standard'),
    what: z.string().max(60),
    source: z.string().max(80),
    fatInDryMatterPct: figure.nullable(),
    leastFatInDryMatterPct: figure.nullable(),
    moisturePct: figure.nullable(),
    mostMoisturePct: figure.nullable(),
  }),
  z.strictObject({ id: z.literal('casein-fat'), ratio: figure, low: figure, high: figure }),
  z.strictObject({
    id: z.literal('dose-off'),
    of: z.enum(['acid', 'coagulant', 'culture', 'salt', 'calcium']),
    side: z.enum(['short', 'over']),
    /** Of what the plan would dose, as a factor. */
    ratio: figure,
    grams: figure,
    computedGrams: figure,
    computedMl: figure.nullable(),
    /** Where it is counted in tablets. */
    computedTablets: figure.optional(),
    /** Where it is counted in sachets. */
    computedSachets: figure.optional(),
    /** What it is given for: clear whey or a stretch, a curd for the knife or a trace beside the culture. Not in plans of before. */
    meantFor: z.enum(['clear-whey', 'stretch', 'knife', 'trace']).optional(),
    result: figure.nullable(),
  }),
  z.strictObject({
    id: z.literal('by-clock'),
    blockedMin: figure,
    waitedMin: figure,
    /** Where some are shorter than likely. */
    shortenedMin: figure.optional(),
    changes: z
      .array(
        z.strictObject({
          key: z.string().max(40),
          label: z.string().max(120),
          value: figure,
          unit: z.string().max(20),
        }),
      )
      .max(8),
  }),
  z.strictObject({
    id: z.literal('unlabelled'),
    what: z.enum(['tablet', 'sachet']),
    /** IMCU in a tablet, L of milk for a sachet. */
    takenFor: figure,
    /** Whether a bowl on the milk will tell: where the culture sets it, none does. */
    bowl: z.boolean(),
  }),
  z.strictObject({
    id: z.literal('weak-milk'),
    because: z.enum(['homogenised', 'high-pasteurised']),
    /** Whether its curd is stretched, and whether the knife says when it is cut. Not in plans of before. */
    stretches: z.boolean().optional(),
    knife: z.boolean().optional(),
  }),
]);
export type Told = z.infer<typeof toldSchema>;

type Words = { [Id in Told['id']]: (told: Extract<Told, { id: Id }>, format: Format) => string };

/** A share as exactly as it takes to tell it from its limit, and how many decimals that is. */
const shown = (pct: number, limitPct: number): [pct: number, decimals: number] => [
  pct,
  Math.round(pct) === limitPct ? 1 : 0,
];

/** What comes of too little acid and of too much, by what it is given for. */
const ACID_OFF = {
  short: {
    'clear-whey': 'The whey stays milky: keep more at hand.',
    stretch: 'The curd may not stretch: keep more at hand, and try a piece in hot water first.',
    either: 'The whey stays milky, or the curd does not stretch: keep more at hand.',
  },
  over: {
    'clear-whey': 'Give it in portions, and stop as soon as the whey is clear.',
    stretch: 'Such curd melts instead of stretching: give less of it.',
    either: 'Give it in portions, and stop as soon as the whey is clear.',
  },
} as const;

const WORDS: Words = {
  'stretch-window': ({ side, pH, lowPH, highPH, fromC, mostC }, { pH: asPH, temp }) =>
    ({
      'not sour enough': `At pH ${asPH(pH)} this curd is not sour enough to stretch well: it wants ${asPH(highPH)} to ${asPH(lowPH)}, and above that it tears. Sour it further before you heat it.`,
      'too sour': `At pH ${asPH(pH)} this curd is sourer than it stretches at, ${asPH(highPH)} to ${asPH(lowPH)}: it melts to soup and loses its fat. Sour it less, or stretch it sooner.`,
      'too cold': `Too cold: this curd flows from a core of ${temp(fromC)} on. Hotter water or whey, or smaller pieces.`,
      'too hot': `Above a core of ${temp(mostC)} this curd loses fat and toughens: cooler water, or less of it.`,
      'worked too long': 'Worked this long it toughens: smaller pieces, hotter water.',
    })[side],
  'slow-souring': ({ sharePct, hours }, { number, minutes }) =>
    hours === null
      ? `It does not come to pH ${number(SOURED_PH, 1)} before it is cooled, and uses ${number(sharePct)} % of the time that warm milk may take to get there: keep it cold from here, and from raw milk do not eat it.`
      : `Down to pH ${number(SOURED_PH, 1)} it takes ${minutes(hours * 60)} from the culture, ${number(sharePct)} % of what is safe at this warmth: more culture, or set it warmer.`,
  'stands-warm': ({ minutes: stood, allowedMin, hotAgain }, { minutes }) =>
    `It stands warm for ${minutes(stood)} with no culture to guard it; ${minutes(allowedMin)} is what the cautious allow. ${hotAgain ? 'It is hot again afterwards, but no heat removes what staphylococci leave: press it shorter, or in a cold room.' : 'Shorten it, or let it stand in the cold.'}`,
  standard: (told, { percent }) =>
    told.leastFatInDryMatterPct !== null && told.fatInDryMatterPct !== null
      ? `With ${percent(...shown(told.fatInDryMatterPct, told.leastFatInDryMatterPct))} of fat in its dry matter it is leaner than ${told.what} may be when sold under that name: ${percent(told.leastFatInDryMatterPct)} at least (${told.source}).`
      : `With ${percent(...shown(told.moisturePct ?? 0, told.mostMoisturePct ?? 0))} of moisture it is wetter than ${told.what} may be when sold under that name: ${percent(told.mostMoisturePct ?? 0)} at most (${told.source}).`,
  'casein-fat': ({ ratio, low, high }, { number }) =>
    `Casein to fat is ${number(ratio, 2)} in this milk; this make is used to ${number(low, 2)} to ${number(high, 2)}. ${ratio < low ? 'Rich milk makes it soft and loses fat: skim a part of it.' : 'Lean milk makes it hard and dry: add some cream.'}`,
  'dose-off': (told, format) => {
    const { of, side, ratio, computedGrams, computedMl, computedTablets, computedSachets, meantFor, result } =
      told;
    const counted = (many: number, what: string) =>
      `${format.number(many, 2)} ${many < 1 ? `of a ${what}` : `${what}s`}`;
    const computed =
      computedTablets !== undefined
        ? counted(computedTablets, 'tablet')
        : computedSachets !== undefined
          ? counted(computedSachets, 'sachet')
          : computedMl === null
            ? format.grams(computedGrams)
            : format.millilitres(computedMl);
    const much = `${side === 'short' ? 'short of' : 'more than'} what this milk takes, ${computed}`;
    switch (of) {
      case 'acid':
        return `The acid you have is ${much}: it brings the milk to pH ${format.pH(result ?? 7)}. ${ACID_OFF[side][meantFor === 'stretch' || meantFor === 'clear-whey' ? meantFor : 'either']}`;
      case 'coagulant':
        if (meantFor === 'trace')
          return `The coagulant you have is ${format.number(ratio, 1)} times ${computed}, of which this make wants a trace: ${side === 'short' ? 'its culture sets it all the same, softer, with more fines in the whey.' : 'the curd comes firmer, holds its whey, and may turn bitter.'}`;
        return `The coagulant you have is ${format.number(ratio, 1)} times ${computed}, which the usual set takes: it sets in ${format.minutes(result ?? 0)}. ${side === 'short' ? 'Keep the milk warm so long, or add to it now.' : 'Cut at once when it breaks clean: so firm a curd holds its whey, and much of it turns bitter.'}`;
      case 'culture':
        return `The culture you have is ${format.number(ratio, 1)} times ${computed}, which this make takes: ${side === 'short' ? 'it sours slowly; see that it is at pH 5.6 in time.' : 'it sours fast; look earlier.'}`;
      case 'salt':
        return `The salt you have brings the cheese to ${format.percent(result ?? 0, 1)}: ${side === 'short' ? 'bland, and it keeps less long' : 'more than most will eat; the whey that runs off takes a part of it'}. Computed, it is ${computed}.`;
      case 'calcium':
        return `That is more calcium than the ${computed} that milk may take: it tastes bitter and makes the curd hard.`;
    }
  },
  'by-clock': ({ blockedMin, waitedMin, shortenedMin = 0, changes }, { temp, number, minutes }) => {
    const told = changes.map(({ label, value, unit }) =>
      unit === '°C'
        ? `${label} ${temp(value, 1)}`
        : `${label} ${number(value, value % 1 === 0 ? 0 : 1)} ${unit}`,
    );
    const how =
      told.length === 0 ? 'made as you make it' : `with other figures than the usual (${told.join('; ')})`;
    const by = [
      ...(waitedMin > 0 ? [`drawn out by ${minutes(waitedMin)}`] : []),
      ...(shortenedMin > 0 ? [`cut short by ${minutes(shortenedMin)}`] : []),
    ];
    const waits = by.length > 0 ? `, its waits ${by.join(' and ')} in all` : '';
    return blockedMin > 0
      ? `Nothing lays this make wholly round your hours. Nearest, ${how}${waits}: hands are wanted for ${minutes(blockedMin)} while nobody is there.`
      : `Laid round your hours, ${how}${waits}: no hand is wanted while nobody is there.`;
  },
  unlabelled: ({ what, takenFor, bowl }, { number, litres }) =>
    ({
      tablet: `Nothing is said of how strong these tablets are: one is taken for ${number(takenFor)} IMCU, of which a quarter sets about ${litres(8)}, and may be half or twice that.${bowl ? ' Watch the bowl on the milk: it tells.' : ' So little of it only helps the culture: it matters less here.'}`,
      sachet: `Nothing is said of how much milk a sachet is for: it is taken for ${litres(takenFor)}, and may be for half or for five times that. Taste it, or measure its pH, after four hours.`,
    })[what],
  'weak-milk': ({ because, stretches = true, knife = true }) => {
    const waits = {
      homogenised: 'the cut waits longer',
      'high-pasteurised': 'the set takes half as long again',
    };
    return [
      `${because === 'homogenised' ? 'Homogenised' : 'Highly heated'} milk sets softer${stretches ? ' and stretches weakly' : ''}: calcium goes in`,
      ...(knife ? [waits[because]] : []),
      'and the cheese stays two or three points wetter.',
    ].join(', ');
  },
};

/**
 * A told caution in words, in the maker's units.
 *
 * @example toldText({ id: 'weak-milk', because: 'homogenised' }, formatter(METRIC)) // 'Homogenised milk sets softer …'
 */
export const toldText = (told: Told, format: Format): string =>
  (WORDS[told.id] as (told: Told, format: Format) => string)(told, format);
