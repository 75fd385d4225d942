import { Infeasible } from '../../core/faults/fault';
import { METHODS, type MethodBook } from '../../makes';
import type { Brief } from '../../plan/brief/schema';
import { stagesOf, walk } from '../../plan/stages';
import { potAtStart, worldOf } from '../../plan/world';
import { beginPractice, type Practice } from './batch';
import { play } from './hand';
import type { Hidden } from './hidden';
import { standing, type Worth, worthOf } from './worth';

/** What each stage would take with this very milk, min; as planned where it never would get there. */
function minutesOf({ believed, brief, method, hidden, world, spans }: Practice): number[] {
  const litres = believed.milk.litres as number;
  const really = worldOf(brief, method, litres, hidden.depart, {
    acid: null,
    imcuPerLitre: world.coagulant?.imcuPerLitre ?? null,
  });
  try {
    return walk(stagesOf(method, believed), really, potAtStart(brief, really)).map((one) => one.durationMin);
  } catch (error) {
    if (!(error instanceof Infeasible)) throw error;
    return spans.map((one) => one.durationMin);
  }
}

/**
 * The best that was possible with this milk and this pot: the same batch by a hand that reads what really is. Null where the
 * brief cannot be made.
 */
export function bestOf(brief: Brief, hidden: Hidden, methods: MethodBook = METHODS): Worth | null {
  const begun = beginPractice(brief, hidden, 0, methods);
  if (!begun.ok) return null;
  const practice = begun.value;
  play(practice, true, { minutes: minutesOf(practice) });
  const outcome = standing(practice);
  return worthOf(practice, outcome?.yieldKg ?? practice.aims.kg, outcome);
}
