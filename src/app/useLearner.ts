import { useEffect, useRef } from 'react';
import { toast } from 'sonner';
import { keyOf, type Learning, type Learnt } from '../learn/learn';
import { saysOf } from '../learn/says';
import { usePorts } from '../store/ports';
import { learningRead } from '../store/slices/learning';
import { selectOver, useAppDispatch, useAppSelector } from '../store/store';
import { useNamed } from '../views/common/useNamed';

/** What is told now and was not: one line each. */
function newsOf(before: Learning, after: Learning, named: (one: Learnt) => Learnt): string[] {
  const told = new Set(before.learnt.filter((one) => one.told).map(keyOf));
  return after.learnt.filter((one) => one.told && !told.has(keyOf(one))).map((one) => saysOf(named(one)));
}

/** Learns from finished makes whenever one is finished, corrected or taken out, and says once what has become known. */
export function useLearner() {
  const { learner } = usePorts();
  const dispatch = useAppDispatch();
  const makes = useAppSelector(selectOver);
  const logs = useAppSelector((state) => state.data.logs);
  const named = useNamed();
  const name = useRef(named);
  name.current = named;
  const last = useRef<Learning | null>(null);
  const ids = makes.map(({ id }) => id).join(' ');
  const over = useRef<Record<string, (typeof logs)[string]>>({});
  const key = makes.map(({ id }) => `${id} ${logs[id]?.length ?? 0}`).join(' ');
  over.current = Object.fromEntries(makes.flatMap(({ id }) => (logs[id] ? [[id, logs[id]]] : [])));
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is over, and how long its log is, says when to learn anew
  useEffect(() => {
    if (ids === '' && last.current === null) return;
    let wanted = true;
    void learner.learn(over.current).then((learning) => {
      if (!wanted || !learning) return;
      const before = last.current;
      last.current = learning;
      dispatch(learningRead(learning));
      const news = before ? newsOf(before, learning, name.current) : [];
      if (news.length > 0) toast(`Learned: ${news.join(' ')}`, { duration: 12_000 });
    });
    return () => {
      wanted = false;
    };
  }, [key, learner, dispatch]);
}
