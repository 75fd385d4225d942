import type { ReactNode } from 'react';

/** Own drawings for the ways around: one pen, round ends, drawn on a 32-unit square. */
function Pen({ size = 30, children }: { size?: number | undefined; children: ReactNode }) {
  return (
    <svg
      width={size}
      height={size}
      viewBox="0 0 32 32"
      fill="none"
      stroke="currentColor"
      strokeWidth={2.2}
      strokeLinecap="round"
      strokeLinejoin="round"
      aria-hidden="true"
    >
      {children}
    </svg>
  );
}

type Sized = { size?: number };

export const PailGlyph = ({ size }: Sized) => (
  <Pen size={size}>
    <path d="M5 12h22M7 12l2.6 14.5a2 2 0 0 0 2 1.6h8.8a2 2 0 0 0 2-1.6L25 12" />
    <path d="M7.5 11.5C8 5 12 3 16 3s8 2 8.5 8.5" />
    <path d="M8.8 18c2.5-1.6 4.5 1.2 7.2 0s4.7-1.3 7.2 0" />
  </Pen>
);
export const PotGlyph = ({ size }: Sized) => (
  <Pen size={size}>
    <path d="M5 14h22v9a4 4 0 0 1-4 4H9a4 4 0 0 1-4-4zM5 17H2M27 17h3" />
    <path d="M11 10c-1.5-2 1.5-3 0-5M16 10c-1.5-2 1.5-3 0-5M21 10c-1.5-2 1.5-3 0-5" />
  </Pen>
);
export const WeekGlyph = ({ size }: Sized) => (
  <Pen size={size}>
    <path d="M4 4v24M12 4v24M20 4v24M28 4v24" />
    <path d="M8 8v13M16 5v6c0 4 8 2 8 6v9" strokeWidth={4} />
  </Pen>
);
export const ShelfGlyph = ({ size }: Sized) => (
  <Pen size={size}>
    <path d="M3 15h26M3 28h26M6 15V8a2 2 0 0 1 2-2h3a2 2 0 0 1 2 2v7M17 15V5h6v10" />
    <path d="M7 28v-6h7v6M19 28c0-5 7-5 7 0" />
  </Pen>
);
export const MethodGlyph = ({ size }: Sized) => (
  <Pen size={size}>
    <path d="M8 4h12l5 5v19H8zM20 4v5h5" />
    <path d="M12 14h9M12 18.5h9M12 23h5" />
  </Pen>
);
export const ReckonGlyph = ({ size }: Sized) => (
  <Pen size={size}>
    <path d="M16 5v23M6 28h20M5 10h22" />
    <path d="M5 10l-3 8h6zM27 10l-3 8h6z" />
  </Pen>
);
export const BookGlyph = ({ size }: Sized) => (
  <Pen size={size}>
    <path d="M16 8c-2.5-2.2-6-3-11-3v20c5 0 8.5.8 11 3 2.5-2.2 6-3 11-3V5c-5 0-8.5.8-11 3zM16 8v20" />
    <path d="M8.5 11c1.8.1 3 .4 4.3.9M8.5 16c1.8.1 3 .4 4.3.9" />
  </Pen>
);
export const KitchenGlyph = ({ size }: Sized) => (
  <Pen size={size}>
    <path d="M3 6h26M9 6v8M9 14c-2.6 0-3.8 2-3.8 4.8S6.5 25 9 25s3.8-3.4 3.8-6.2S11.6 14 9 14z" />
    <path d="M22 6v6M17.5 12h9v5.5a4.5 4.5 0 0 1-9 0zM22 22v4" />
  </Pen>
);
export const HandGlyph = ({ size }: Sized) => (
  <Pen size={size}>
    <path d="M10 16V7.5a2 2 0 0 1 4 0V14m0-1V5.5a2 2 0 0 1 4 0V14m0-.5V7.5a2 2 0 0 1 4 0V18c0 6-3 10-7.5 10-4 0-5.7-1.8-8-6l-2-4c-.8-1.6.8-3.2 2.400-2.2L10 18" />
  </Pen>
);
export const UndoGlyph = ({ size }: Sized) => (
  <Pen size={size}>
    <path d="M6 12h13a7 7 0 0 1 0 14h-6M6 12l6-6M6 12l6 6" />
  </Pen>
);
export const CautionGlyph = ({ size }: Sized) => (
  <Pen size={size}>
    <path d="M16 4L2.5 27h27zM16 13v6.5M16 23.3v.1" />
  </Pen>
);
export const CheckGlyph = ({ size }: Sized) => (
  <Pen size={size}>
    <path d="M5 17l7.5 8L27 7" />
  </Pen>
);
export const BackGlyph = ({ size }: Sized) => (
  <Pen size={size}>
    <path d="M20 5L9 16l11 11" />
  </Pen>
);
/** A pot with a hand-drawn question over it. */
export const PractiseGlyph = ({ size }: Sized) => (
  <Pen size={size}>
    <path d="M5 17h22v7a4 4 0 0 1-4 4H9a4 4 0 0 1-4-4zM2.500 17h27" />
    <path d="M12.500 7.500a3.500 3.500 0 1 1 5 3.200c-1 .5-1.500 1-1.500 2" />
  </Pen>
);
