import type { ReactNode } from 'react';
import { Colander } from './drains';
import { Clock, CURD, Fire, Line, Lumps, Pot, Round, rows, Shape, Spoon, Thermometer, WHEY } from './things';

const grains = rows(124, 88, 7, 4, 17, 12);
const cubes = rows(126, 86, 5, 3, 25, 18);

/** Stages in which curd lies in its whey, or out of it. */
export const CURD_PICTURES: Record<string, ReactNode> = {
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
};
