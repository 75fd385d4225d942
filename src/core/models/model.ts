/** A value a model is held to, and how it gets there. */
export interface ModelCheck {
  what: string;
  /** Published source by name, "common practice", "fitted", or "from memory". */
  source: string;
  unit: string;
  low: number;
  high: number;
  value(): number;
}

/** A model as docs/models.md tells it. */
export interface Model {
  title: string;
  equation: string;
  parameters: string;
  source: string;
  holds: string;
  checks: readonly ModelCheck[];
}
