import type { ReactNode } from 'react';
import {
  Bowl,
  Clock,
  CURD,
  Drops,
  Fire,
  Frost,
  Grains,
  Jug,
  Leaves,
  Line,
  Lumps,
  MILK,
  Pot,
  rows,
  Shape,
  Spoon,
  Steam,
  WHEY,
} from './things';

/** Stages in which it becomes a cheese, and is kept. */
export const CHEESE_PICTURES: Record<string, ReactNode> = {
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
  'dress-herbs': (
    <g>
      <Shape d="M112 92Q112 82 124 82H236Q248 82 248 92V138H112Z" fill={CURD} />
      <Leaves
        at={[
          [122, 86],
          [146, 80],
          [170, 88],
          [196, 81],
          [222, 88],
          [132, 108],
          [160, 116],
          [190, 108],
          [218, 118],
          [166, 58],
          [192, 46],
          [180, 30],
          [206, 62],
        ]}
      />
    </g>
  ),
  'dress-mint': (
    <g>
      <Shape d="M104 116H250Q262 116 262 127T250 138H104Z" fill={CURD} />
      <Shape
        d="M250 94Q276 94 276 116T250 138Q262 138 262 127T250 116H118Q106 116 106 105T118 94Z"
        fill={CURD}
      />
      <Leaves
        at={[
          [116, 112],
          [142, 114],
          [168, 112],
          [194, 114],
          [220, 112],
        ]}
      />
      <Line d="M226 66Q196 40 160 58M160 58l14-10M160 58l15 6" width={2.8} />
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
