import type { ReactNode } from 'react';
import {
  BOARD_Y,
  Bowl,
  Clock,
  CURD,
  Drops,
  Fire,
  Frost,
  Grains,
  Jug,
  Line,
  Lumps,
  MILK,
  Pot,
  Round,
  rows,
  Shape,
  Spoon,
  Steam,
  Thermometer,
  WHEY,
  Wrapped,
} from './things';

const grains = rows(124, 88, 7, 4, 17, 12);
const cubes = rows(126, 86, 5, 3, 25, 18);

/** A colander over a bowl, with curd in it. */
const Colander = ({ children }: { children?: ReactNode }) => (
  <g>
    <Shape d="M112 54Q118 96 152 96H208Q242 96 248 54Q214 38 180 44T112 54Z" fill={CURD} />
    <Line d="M104 54Q112 98 152 98H208Q248 98 256 54" width={4.5} />
    <Line d="M98 54H262" width={5} />
    <Line d="M132 76h.1M152 82h.1M172 84h.1M192 84h.1M212 80h.1M230 72h.1" width={5} />
    <Drops xs={[150, 172, 194, 214]} y={102} />
    <path d="M126 130Q130 139 150 139H210Q230 139 234 130Z" fill={WHEY} />
    <Line d="M116 118Q122 139 150 139H210Q238 139 244 118" />
    {children}
  </g>
);

const DRAINS: Record<string, ReactNode> = {
  bag: (
    <g>
      <Line d="M84 14H276" width={5} />
      <Line d="M180 14V30M168 30Q180 24 192 30" />
      <Shape
        d="M170 32Q132 46 134 78Q136 106 180 108Q224 106 226 78Q228 46 190 32Z"
        fill={CURD}
        width={3.5}
      />
      <Line d="M174 38Q156 60 158 92M186 38Q204 60 202 92M180 40V98" width={1.8} dash="5 6" />
      <Drops xs={[168, 180, 194]} y={112} />
      <Line d="M132 124Q136 139 156 139H204Q224 139 228 124" />
    </g>
  ),
  basket: (
    <g>
      {[110, 184].map((x) => (
        <g key={x}>
          <Shape d={`M${x} 44H${x + 64}V112H${x}Z`} fill={CURD} />
          <Line
            d={`M${x + 13} 50V108M${x + 26} 50V108M${x + 39} 50V108M${x + 52} 50V108M${x + 2} 66h60M${x + 2} 88h60`}
            width={1.8}
          />
          <Line d={`M${x} 40V114H${x + 64}V40`} width={4} />
        </g>
      ))}
      <Line d="M92 118H268" width={4} />
      <Drops xs={[128, 156, 204, 232]} y={121} />
    </g>
  ),
  cloth: (
    <Colander>
      <Line d="M98 54Q86 66 84 84M262 54Q274 66 276 84M98 54Q90 58 82 70M262 54Q270 58 278 70" width={2.6} />
    </Colander>
  ),
  colander: <Colander />,
};

/** What right looks like at a stage, by its kind. */
const PICTURES: Record<string, ReactNode> = {
  sanitise: (
    <g>
      <Fire high />
      <Pot fill={WHEY} level={0.7}>
        <Grains at={rows(128, 92, 6, 3, 20, 14)} />
        <Line d="M134 70L196 130M226 66L170 132" width={5} />
      </Pot>
      <Steam />
    </g>
  ),
  measure: (
    <g>
      <Shape d="M94 122H168L176 139H86Z" fill="var(--plate)" />
      <Line d="M110 130h42" width={2.5} />
      <Shape d="M96 108Q100 122 116 122H146Q162 122 166 108Z" fill="var(--plate)" />
      <path d="M112 108q18-26 38 0Z" fill={CURD} stroke="var(--rim)" strokeWidth="2.5" />
      <Shape d="M196 44H262L256 139H202Z" fill="var(--plate)" />
      <path d="M199 78H259L255 137H203Z" fill={MILK} />
      <Line d="M196 44H262L256 139H202ZM262 58q20 4 18 26t-22 20" />
      <Line d="M204 78h18M205 98h12M206 118h18" width={2.6} />
    </g>
  ),
  warm: (
    <g>
      <Fire />
      <Pot>
        <Spoon />
      </Pot>
      <Spoon />
      <Thermometer full={0.45} />
      <Round x={196} y={84} />
    </g>
  ),
  scald: (
    <g>
      <Fire high />
      <Pot level={0.7}>
        <Grains at={[...rows(116, 74, 3, 1, 9, 8), ...rows(224, 74, 3, 1, 9, 8)]} />
      </Pot>
      <Steam xs={[136, 166, 196]} />
      <Thermometer full={0.92} />
      <Round x={168} y={96} r={24} />
    </g>
  ),
  cool: (
    <g>
      <path d="M60 104H300V139H60Z" fill={WHEY} />
      <Pot />
      <Line d="M52 92V139H308V92" width={4.5} />
      <Shape d="M66 96h16v14H66ZM280 98h16v14h-16Z" fill="var(--plate)" width={2.4} />
      <Line d="M62 122q8-5 16 0t16 0M266 122q8-5 16 0t16 0" width={2.4} />
      <Thermometer full={0.35} />
      <Line d="M290 22V60M280 50l10 11l10-11" />
    </g>
  ),
  'add-culture': (
    <g>
      <Pot>
        <Grains at={rows(130, 75, 6, 1, 18, 8)} />
      </Pot>
      <Grains
        at={[
          [172, 56],
          [184, 50],
          [178, 64],
          [190, 62],
        ]}
      />
      <g transform="rotate(24 196 24)">
        <Shape d="M176 4H220V44H176Z" fill="var(--plate)" />
        <Line d="M184 16h28M184 24h20" width={2.2} />
      </g>
      <Clock />
    </g>
  ),
  ripen: (
    <g>
      <Wrapped />
      <Clock />
    </g>
  ),
  'add-acid': (
    <g>
      <Pot fill={WHEY}>
        <Lumps size={14} at={rows(126, 90, 6, 3, 21, 14)} />
      </Pot>
      <Jug thin to={76} />
      <Steam xs={[132, 158, 184]} />
    </g>
  ),
  'add-calcium': (
    <g>
      <Pot />
      <Jug thin to={76} />
      <Spoon x={148} />
    </g>
  ),
  'add-coagulant': (
    <g>
      <Pot />
      <Line d="M196 52L252 30" width={5} />
      <Shape d="M170 56q14 14 28-4q-12-10-28 4Z" fill="var(--plate)" />
      <Grains at={rows(176, 70, 2, 1, 12, 6)} />
      <Jug thin to={50} />
      <Line d="M150 88V116M142 96l8-9l8 9M142 108l8 9l8-9" width={2.8} />
    </g>
  ),
  'add-other': (
    <g>
      <Pot />
      <Jug fill={CURD} to={76} />
      <Spoon x={148} />
    </g>
  ),
  set: (
    <g>
      <Pot fill={CURD}>
        <path d="M150 70L196 70L184 108Z" fill={WHEY} stroke="var(--rim)" strokeWidth="2.6" />
      </Pot>
      <Line d="M92 34L176 96" width={5} />
      <Line d="M176 96L196 70" width={3} />
      <Clock />
    </g>
  ),
  cut: (
    <g>
      <Pot fill={CURD}>
        <Line
          d="M128 72V137M146 72V137M164 72V137M182 72V137M200 72V137M218 72V137M234 72V137M110 92H250M110 112H250"
          width={2.4}
        />
      </Pot>
      <Shape d="M158 6h12V40h-12Z" fill="var(--plate)" />
      <Shape d="M157 40H171V128Q158 122 157 108Z" fill="var(--plate)" />
    </g>
  ),
  heal: (
    <g>
      <Pot fill={WHEY}>
        <Lumps square size={20} at={cubes} />
      </Pot>
      <Clock />
    </g>
  ),
  cook: (
    <g>
      <Fire />
      <Pot fill={WHEY}>
        <Lumps size={12} at={grains} />
      </Pot>
      <Spoon />
      <Thermometer full={0.55} />
      <Round x={192} y={86} />
    </g>
  ),
  hold: (
    <g>
      <Pot>
        <Lumps size={14} at={rows(126, 98, 6, 2, 21, 16)} />
      </Pot>
      <Shape d="M102 48Q180 14 258 48Z" fill="var(--plate)" width={4} />
      <Line d="M172 28q8-14 16 0" />
      <Clock />
    </g>
  ),
  settle: (
    <g>
      <Pot fill={WHEY}>
        <path
          d="M108 104Q144 96 180 104T252 102V140H108Z"
          fill={CURD}
          stroke="var(--rim)"
          strokeWidth="2.4"
        />
      </Pot>
      <Clock />
    </g>
  ),
  'draw-whey': (
    <g>
      <Pot fill={WHEY} level={0.5}>
        <path d="M108 100Q144 92 180 100T252 98V140H108Z" fill={CURD} stroke="var(--rim)" strokeWidth="2.4" />
      </Pot>
      <Line d="M214 10L200 74" width={5} />
      <Shape d="M180 72H218Q216 94 199 94T180 72Z" fill={WHEY} />
      <Line d="M292 60V116M280 104l12 13l12-13" />
    </g>
  ),
  wash: (
    <g>
      <path d="M180 20V52" stroke={WHEY} strokeWidth="12" strokeLinecap="round" />
      <Line d="M128 8H174Q188 8 188 22" width={7} />
      <Colander />
    </g>
  ),
  slab: (
    <g>
      <Shape d="M122 112H238V138H122Z" fill={CURD} />
      <Shape d="M126 86H234V112H126Z" fill={CURD} />
      <Shape d="M122 60H238V86H122Z" fill={CURD} />
      <Line d="M100 50V139H260V50" width={4.5} />
      <Round x={304} y={70} r={26} />
      <Clock x={304} y={112} />
    </g>
  ),
  acidify: (
    <g>
      <Pot fill={WHEY}>
        <Shape d="M126 98H234Q240 98 240 106V130H120V106Q120 98 126 98Z" fill={CURD} />
      </Pot>
      <Line d="M186 14V104" width={3} />
      <Shape d="M178 6h16v34h-16Z" fill="var(--now)" />
      <Line d="M182 18h8M182 26h8" width={2} />
      <Clock />
    </g>
  ),
  'test-stretch': (
    <g>
      <Shape d="M70 46h54q16 0 16 17t-16 17H70Z" fill="var(--plate)" />
      <Shape d="M290 46h-54q-16 0-16 17t16 17h54Z" fill="var(--plate)" />
      <path
        d="M132 54Q180 92 228 54L228 72Q180 118 132 72Z"
        fill={CURD}
        stroke="var(--rim)"
        strokeWidth="3"
        strokeLinejoin="round"
      />
      <Line d="M138 62Q180 98 222 62M146 72Q180 104 214 72" width={1.8} />
      <Line d="M152 124Q158 139 180 139T208 124" />
      <Steam xs={[168, 192]} />
    </g>
  ),
  stretch: (
    <g>
      <Bowl>
        <path
          d="M112 112Q132 74 152 100T194 98T246 110Q226 128 180 126T112 112Z"
          fill={CURD}
          stroke="var(--rim)"
          strokeWidth="2.8"
        />
        <Line d="M126 110Q144 92 160 108T206 104M136 116Q170 110 226 112" width={1.8} />
      </Bowl>
      <Line d="M110 16L146 96M250 16L214 96" width={5.5} />
      <Steam xs={[166, 194]} />
    </g>
  ),
  shape: (
    <g>
      <Bowl>
        <Lumps
          size={34}
          at={[
            [140, 108],
            [222, 108],
          ]}
        />
        <Shape d="M112 98h15v13h-15ZM246 98h14v13h-14Z" fill="var(--plate)" width={2.2} />
      </Bowl>
      <circle cx="180" cy="44" r="24" fill={CURD} stroke="var(--rim)" strokeWidth="3.2" />
      <Line d="M164 36q14-12 28-4" width={2} />
      <Line d="M180 72V90M172 83l8 8l8-8" width={2.8} />
      <Frost x={306} y={50} />
    </g>
  ),
  press: (
    <g>
      <Shape d="M156 8H204L210 38H150Z" fill="var(--plate)" />
      <Line d="M172 22h16" width={2.5} />
      <Line d="M108 42H252" width={6} />
      <Shape d="M134 48H226V60H134Z" fill="var(--plate-soft)" />
      <Shape d="M134 60H226V116H134Z" fill={CURD} />
      <Line d="M128 54V120H232V54" width={4.5} />
      <Line d="M112 126H248" width={4} />
      <Drops xs={[126, 236]} y={122} />
    </g>
  ),
  poach: (
    <g>
      <Fire high />
      <Pot fill={WHEY}>
        <Shape d="M124 82H170V98H124Z" fill={CURD} />
        <Shape d="M186 76H234V92H186Z" fill={CURD} />
        <Shape d="M150 112H198V128H150Z" fill={CURD} />
        <Grains
          at={[
            [140, 110],
            [214, 112],
            [228, 124],
            [130, 126],
          ]}
        />
      </Pot>
      <Steam />
    </g>
  ),
  salt: (
    <g>
      <Shape d="M112 84Q112 74 124 74H236Q248 74 248 84V138H112Z" fill={CURD} />
      <Grains at={[...rows(126, 80, 7, 1, 17, 8), [176, 56], [190, 62], [184, 46], [198, 52]]} />
      <Line d="M214 20L262 6" width={5} />
      <Shape d="M180 26q16-16 36-6q-10 20-36 6Z" fill="var(--plate)" />
    </g>
  ),
  brine: (
    <g>
      <path d="M96 62H264V136H96Z" fill={WHEY} />
      <Line d="M98 62q10-6 20 0t20 0t20 0t20 0t20 0t20 0t20 0t20 0" width={2.2} />
      <Shape d="M128 54H164V84H128Z" fill={CURD} />
      <Shape d="M196 54H232V84H196Z" fill={CURD} />
      <Grains
        at={[
          [138, 50],
          [150, 49],
          [206, 50],
          [220, 49],
          [112, 130],
          [140, 131],
          [180, 130],
          [224, 131],
          [250, 130],
        ]}
      />
      <Line d="M92 40V138H268V40" width={4.5} />
      <Clock />
    </g>
  ),
  dress: (
    <g>
      <Bowl fill={MILK}>
        <Lumps size={15} at={rows(122, 110, 7, 2, 18, 13)} />
      </Bowl>
      <Jug fill={MILK} to={100} />
      <Spoon x={150} />
    </g>
  ),
  chill: (
    <g>
      <Shape d="M106 14H254V139H106Z" fill="var(--plate)" width={4.5} />
      <Line d="M112 74H248M112 132H248" />
      <Shape d="M140 46H198V72H140Z" fill={CURD} />
      <Line d="M134 46H204" width={4.5} />
      <Shape d="M170 104H226V130H170Z" fill={CURD} />
      <Line d="M164 104H232" width={4.5} />
      <Frost x={228} y={36} />
      <Frost x={136} y={104} r={11} />
    </g>
  ),
  hang: (
    <g>
      <Line d="M78 14H282" width={5.5} />
      <Line d="M146 14V40M214 14V40" />
      {[146, 214].map((x) => (
        <g key={x}>
          <path
            d={`M${x - 9} 42Q${x - 14} 58 ${x - 26} 72Q${x - 36} 108 ${x} 112Q${x + 36} 108 ${x + 26} 72Q${x + 14} 58 ${x + 9} 42Z`}
            fill={CURD}
            stroke="var(--rim)"
            strokeWidth="3.2"
          />
          <Line d={`M${x - 11} 50H${x + 11}`} width={4} />
        </g>
      ))}
      <Line d="M110 130V139H250V130" />
    </g>
  ),
  store: (
    <g>
      <Shape d="M118 54H242L234 139H126Z" fill={CURD} />
      <Line d="M110 50H250" width={8} />
      <Shape d="M146 74H214V120H146Z" fill="var(--plate)" />
      <Line d="M156 86h34M156 97h48M156 108h26" width={2.6} />
      <Frost x={292} y={58} />
    </g>
  ),
};

/** The kinds that have a picture; a drain has one for each thing it drains in. */
export const PICTURED: readonly string[] = [...Object.keys(PICTURES), 'drain'];

/** What a stage looks like when it goes right. `how` tells a bag from a basket. */
export function StagePicture({ kind, how, says }: { kind: string; how?: string | undefined; says: string }) {
  const picture = kind === 'drain' ? (DRAINS[how ?? 'cloth'] ?? DRAINS.cloth) : PICTURES[kind];
  if (!picture) return null;
  return (
    <svg viewBox="50 -2 290 172" role="img" aria-label={says} className="block w-full">
      {picture}
      <path
        d={`M56 ${BOARD_Y + (FIRED.includes(kind) ? 25 : 2)}H334`}
        stroke="var(--rim)"
        strokeWidth="5"
        strokeLinecap="round"
      />
    </svg>
  );
}

/** Kinds that stand over a fire: the board lies below it. */
const FIRED: readonly string[] = ['sanitise', 'warm', 'scald', 'cook', 'poach'];
