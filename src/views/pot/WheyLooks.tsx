import { WHEY_LOOKS, type WheyLook } from '../../run/events';

const WORDS: Record<WheyLook, string> = {
  milky: 'like thin milk',
  cloudy: 'like weak barley water',
  clear: 'greenish, you see the spoon',
  creamy: 'drops of fat on it',
};

/** A look at the whey: four glasses to compare with, each with its name. */
export function WheyLooks({ last, onLook }: { last: WheyLook | null; onLook(look: WheyLook): void }) {
  return (
    <fieldset className="mt-5 min-w-0">
      <legend className="name text-[22px]">
        What does the whey look like?
        {last && <span className="font-plain text-[16px] font-normal text-ink-soft"> last time: {last}</span>}
      </legend>
      <div className="mt-2 grid grid-cols-2 gap-4 lap:grid-cols-4">
        {WHEY_LOOKS.map((look) => (
          <button
            key={look}
            type="button"
            onClick={() => onLook(look)}
            className="flex min-h-[88px] items-center gap-3 rounded-[18px] border-[3px] border-rim bg-plate px-3 text-left hover:bg-plate-soft"
          >
            <Glass look={look} />
            <span>
              <span className="name block text-[20px]">{look}</span>
              <span className="block text-[14px] leading-tight text-ink-soft">{WORDS[look]}</span>
            </span>
          </button>
        ))}
      </div>
    </fieldset>
  );
}

function Glass({ look }: { look: WheyLook }) {
  const fill = { milky: '#f6f3e6', cloudy: '#e3e6c0', clear: '#d8e07e', creamy: '#efe3b4' }[look];
  const opacity = { milky: 1, cloudy: 0.85, clear: 0.55, creamy: 0.9 }[look];
  return (
    <svg width="38" height="52" viewBox="0 0 38 52" aria-hidden="true" className="shrink-0">
      {look !== 'milky' && (
        <path d="M24 4L15 44" stroke="var(--ink)" strokeWidth="3" opacity={look === 'clear' ? 0.9 : 0.3} />
      )}
      <path d="M6 16h26l-2.5 30a3 3 0 0 1-3 2.5H11.5a3 3 0 0 1-3-2.5z" fill={fill} opacity={opacity} />
      {look === 'creamy' && (
        <g fill="#d9a53a">
          <circle cx="13" cy="19" r="2.6" />
          <circle cx="21" cy="18" r="2" />
          <circle cx="26" cy="20" r="1.6" />
        </g>
      )}
      {look === 'milky' && <path d="M10 24h18M9.5 30h18" stroke="#cfc8ae" strokeWidth="1.5" />}
      <path
        d="M4 8h30l-3.5 38.500a3.5 3.5 0 0 1-3.5 3H11a3.5 3.5 0 0 1-3.5-3z"
        fill="none"
        stroke="var(--rim)"
        strokeWidth="2.8"
      />
    </svg>
  );
}
