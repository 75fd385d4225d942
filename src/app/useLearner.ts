import { useEffect, useRef } from 'react';
import { keyOf, type Learning, type Learnt } from '../learn/learnt';
import { saysOf } from '../learn/says';
import { learnedLast } from '../store/learned';
import { usePorts } from '../store/ports';
import { learningRead } from '../store/slices/learning';
import { selectOver, useAppDispatch, useAppSelector } from '../store/store';
import { toast } from '../ui/parts/toast';
import { useNamed } from '../views/common/useNamed';

/** What is told now and was not: one line each. */
function newsOf(before: Learning, after: Learning, named: (one: Learnt) => Learnt): string[] {
  const told = new Set(before.learnt.filter((one) => one.told).map(keyOf));
  return after.learnt.filter((one) => one.told && !told.has(keyOf(one))).map((one) => saysOf(named(one)));
}

/** Whether both came to the same: then nothing is planned anew for it. */
const same = (a: Learning, b: Learning | null) => JSON.stringify(a) === JSON.stringify(b);

/** Learning begins when the makes have stood for so long, ms. */
const LATER_MS = 400;

/** Learns from finished makes whenever one is finished, corrected or taken out, and says once what has become known. */
export function useLearner() {
  const { learner, db } = usePorts();
  const dispatch = useAppDispatch();
  const over = useAppSelector(selectOver);
  const named = useNamed();
  const name = useRef(named);
  name.current = named;
  const last = useRef<Learning | null>(null);
  useEffect(() => {
    if (over.length === 0 && last.current === null) return;
    let wanted = true;
    let idle: ReturnType<typeof setTimeout> | undefined;
    const hear = (learning: Learning | null) => {
      const before = last.current;
      if (!wanted || !learning || same(learning, before)) return;
      last.current = learning;
      dispatch(learningRead(learning));
      const news = before ? newsOf(before, learning, name.current) : [];
      if (news.length > 0) toast(`Learned: ${news.join(' ')}`, { duration: 12_000 });
    };
    const looked = learnedLast(db, over.length).catch(() => null);
    void looked.then((known) => {
      if (known) hear(known);
      // Not while the view is being opened: what has to be learned may come a moment later.
      else if (wanted) idle = setTimeout(async () => hear(await learner.learn()), LATER_MS);
    });
    return () => {
      wanted = false;
      clearTimeout(idle);
    };
  }, [over, learner, db, dispatch]);
}
