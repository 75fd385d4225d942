import { capital } from '../../core/units/capital';
import type { WishOf } from '../../files/weekWishes';
import { type MethodBook, methodById } from '../../makes';
import type { Brief } from '../../plan/brief/schema';

/** A wish of a brief: called by its make, wanted when the brief says it should be ready. */
export function wishOf(brief: Brief, milkId: string | null, methods: MethodBook): WishOf {
  const { readyBy, start: _start, asleep: _asleep, away: _away, ...rest } = brief;
  const short = methodById(brief.method, methods)?.short ?? brief.method;
  return {
    id: crypto.randomUUID(),
    name: capital(short),
    brief: rest as Brief,
    milkId,
    notBefore: null,
    readyBy: readyBy ?? null,
    pinned: null,
  };
}
