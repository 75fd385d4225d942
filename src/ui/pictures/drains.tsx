import type { ReactNode } from 'react';
import { CURD, Drops, Line, Shape, WHEY } from './things';

/** A colander over a bowl, with curd in it. */
export const Colander = ({ children }: { children?: ReactNode }) => (
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

/** What a drain looks like, by what it drains in. */
export const DRAINS: Record<string, ReactNode> = {
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
