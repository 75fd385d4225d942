import { type Practice, stageNow } from '../../../sim/practice/batch';
import { hasCurd } from '../../../sim/practice/curd';
import { caughtShare } from '../../../sim/practice/doses';
import { DRAINS } from '../../../ui/pictures/drains';
import {
  BOARD_Y,
  CURD,
  Fire,
  Frost,
  Grains,
  Line,
  Lumps,
  MILK,
  Pot,
  rows,
  Shape,
  Spoon,
  Steam,
  WHEY,
  Wrapped,
} from '../../../ui/pictures/things';

/** Steam shows from here on, and stands thick from there, °C. */
const STEAMS_C = 55;
const STEAMS_HARD_C = 80;

/** What is in the pot, as far as eyes tell. */
function Inside({ practice }: { practice: Practice }) {
  const { pot, cutAt, gel, method } = practice;
  const mm = Math.min(40, pot.work.cutMm ?? 20);
  const turned = method.acid === 'turns' ? caughtShare(practice) : 0;
  if (cutAt !== null) {
    const size = 5 + mm / 3;
    const across = Math.max(3, Math.floor(120 / (size * 1.25)));
    return <Lumps at={rows(124, 96, across, 3, 124 / across, size)} size={size} square />;
  }
  if (turned > 0.05) {
    const across = 3 + Math.ceil(5 * turned);
    return <Lumps at={rows(122, 84, across, 3, 114 / across, 16)} size={6 + 7 * turned} />;
  }
  // A set cake draws from the wall as it firms.
  if (gel > 0.6) return <rect x={112 + 3 * gel} y="66" width={136 - 6 * gel} height="80" fill={CURD} />;
  return null;
}

/** A bowl afloat, which turns until the milk has thickened. */
const Afloat = ({ stands, minute }: { stands: boolean; minute: number }) => (
  <g transform={`translate(${stands ? 190 : 184 + 8 * Math.sin(minute * 4)} 66)`}>
    <Shape d="M-18 -6H18Q15 8 0 8T-18 -6Z" fill="var(--plate)" width={2.6} />
  </g>
);

/** A mould under its board and weight. */
const Pressed = ({ kg }: { kg: number }) => (
  <g>
    <Shape d="M128 92H232V138H128Z" fill={CURD} />
    <Line d="M124 86V140M236 86V140" width={4.5} />
    <Line d="M118 86H242" width={6} />
    {kg > 0 && <Shape d="M150 44H210L216 84H144Z" fill="var(--rim-soft)" />}
    <Line d="M104 140H256" width={4} />
  </g>
);

const Block = () => (
  <g>
    <Shape d="M128 92Q128 84 140 84H222Q234 84 234 92V134Q234 140 226 140H136Q128 140 128 134Z" fill={CURD} />
    <Line d="M96 141H266" width={5} />
  </g>
);

const Brine = () => (
  <g>
    <path d="M104 64H256V136H104Z" fill={WHEY} />
    <Shape d="M142 84H218V118H142Z" fill={CURD} />
    <Grains at={rows(116, 128, 8, 1, 18, 0)} />
    <Line d="M104 50V132Q104 140 112 140H248Q256 140 256 132V50" width={4.5} />
  </g>
);

/** The pot on the bench as one would see it now: what is in it, the heat under it, steam, lid, ice and spoon; or where its curd is. */
export function PotPicture({ practice }: { practice: Practice }) {
  const { pot, place, hob, lid, ice, stirring, gel, world } = practice;
  const { params, kind } = stageNow(practice);
  const hot = pot.tempC > STEAMS_C;
  const inPot = place === 'pot' || kind.does.includes('poaches');
  const poaches = kind.does.includes('poaches');
  const whey = pot.wheyPH !== null || practice.cutAt !== null;
  const wrapped = lid && hob === 0 && !ice && pot.clot !== null && practice.cutAt === null;
  const swing = stirring ? 10 * Math.sin(pot.minute * 9) : 0;
  const where = (params as { in?: string }).in ?? 'cloth';
  return (
    <svg viewBox="62 4 236 166" role="img" aria-label={seen(practice)} className="block w-full">
      {inPot ? (
        <g>
          {hob > 0 && <Fire high={hob > 1} />}
          {ice && (
            <g>
              <path d="M84 104H276V150H84Z" fill={WHEY} opacity="0.7" />
              <Frost x={92} y={126} />
              <Frost x={268} y={126} />
            </g>
          )}
          <Pot fill={whey ? WHEY : MILK} level={0.74}>
            {poaches ? <Lumps at={rows(136, 70, 3, 1, 40, 0)} size={26} /> : <Inside practice={practice} />}
            {pot.clot && practice.cutAt === null && (
              <Afloat stands={gel >= 1 / (world.coagulant?.multiplier ?? 3)} minute={pot.minute} />
            )}
          </Pot>
          {stirring && (
            <g transform={`translate(${swing} 0)`}>
              <Spoon />
            </g>
          )}
          {wrapped ? <Wrapped /> : lid && <Shape d="M102 48Q180 14 258 48Z" fill="var(--plate)" width={4} />}
          {hot && !lid && (
            <Steam xs={pot.tempC > STEAMS_HARD_C ? [132, 156, 180, 204, 228] : [150, 180, 210]} />
          )}
        </g>
      ) : place === 'drain' ? (
        (DRAINS[where] ?? DRAINS.cloth)
      ) : place === 'press' ? (
        <Pressed kg={practice.loadKg} />
      ) : place === 'brine' ? (
        <Brine />
      ) : (
        <Block />
      )}
      {inPot && <Line d={`M76 ${BOARD_Y + 26}H284`} width={3.5} />}
    </svg>
  );
}

/** The same in words. */
export function seen(practice: Practice): string {
  const { place, hob, lid, ice, stirring, cutAt, pot } = practice;
  if (place === 'drain') return 'Curd hangs and drips.';
  if (place === 'press') return 'Curd lies in its mould under a board.';
  if (place === 'brine') return 'Cheese lies in brine.';
  if (place === 'board') return 'Curd lies on the board.';
  const what =
    pot.wheyPH !== null
      ? 'curd'
      : cutAt !== null
        ? 'cut curd in its whey'
        : hasCurd(practice)
          ? 'curd'
          : 'milk';
  return `A pot of ${what}, hob ${['off', 'low', 'at middle', 'full'][hob]}, lid ${lid ? 'on' : 'off'}${ice ? ', in ice water' : ''}${stirring ? ', stirred' : ''}.`;
}
