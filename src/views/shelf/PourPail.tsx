import { SHOP_CREAM_PCT } from '../../kitchen/pour';

/** As much as the pail is drawn for; nobody has to pull farther. */
export const PAIL_LITRES = 40;
const RIM_Y = 34;
const BASE_Y = 112;

/** A small pail with what is in it, its fat on top as if it had risen as cream. */
export function PourPail({ fatPct, litres }: { fatPct: number; litres: number }) {
  const level = (BASE_Y - RIM_Y - 6) * Math.min(1, Math.max(0.12, Math.sqrt(litres / PAIL_LITRES)));
  const cream = Math.max(2, level * Math.min(1, fatPct / SHOP_CREAM_PCT));
  return (
    <svg viewBox="0 0 140 120" className="h-36 self-center" aria-hidden="true">
      <path d={`M26 ${RIM_Y}C30 -6 110 -6 114 ${RIM_Y}`} fill="none" stroke="var(--rim)" strokeWidth="3.5" />
      <clipPath id="pour-pail">
        <path d={`M22 ${RIM_Y}h96l-13 ${BASE_Y - RIM_Y}H35z`} />
      </clipPath>
      <g clipPath="url(#pour-pail)">
        <rect y={RIM_Y} width="140" height={BASE_Y - RIM_Y} fill="var(--plate)" />
        <rect y={BASE_Y - level} width="140" height={level} fill="var(--cheese-water)" />
        <rect y={BASE_Y - level} width="140" height={cream} fill="var(--butter)" />
        <path d={`M0 ${BASE_Y - level}h140`} stroke="var(--rim-soft)" strokeWidth="2" />
      </g>
      <path
        d={`M20 ${RIM_Y}l14 ${BASE_Y - RIM_Y}h72l14 ${RIM_Y - BASE_Y}`}
        fill="none"
        stroke="var(--rim)"
        strokeWidth="4"
        strokeLinejoin="round"
      />
      <path d={`M14 ${RIM_Y}h112`} stroke="var(--rim)" strokeWidth="5" strokeLinecap="round" />
    </svg>
  );
}
