import type { ReactNode } from 'react';
import {
  Clock,
  CURD,
  Fire,
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

/** Stages in which it is milk still. */
export const MILK_PICTURES: Record<string, ReactNode> = {
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
  'add-acid-cold': (
    <g>
      <Pot />
      <Line d="M124 112q24 14 52 0M130 98q-12 8-4 14" width={2.8} />
      <Jug thin to={76} />
      <Spoon x={136} />
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
};
