import type { ReactNode } from 'react';
import { type Good, type GoodKind, goodSchema } from '../../kitchen/goods';
import { usePorts } from '../../store/ports';
import { AskSheet } from '../common/AskSheet';
import { written } from '../common/written';
import { goodFields, goodOf, USUAL_MEASURE, wordsOf } from './goodForm';

/** A good, new or changed. */
export function GoodSheet({ good, trigger }: { good?: Good; trigger: ReactNode }) {
  const { db } = usePorts();
  return (
    <AskSheet
      title={good ? 'Change it' : 'On the shelf'}
      trigger={trigger}
      fields={goodFields}
      schema={goodSchema}
      words={() => wordsOf(good)}
      read={(words) => goodOf(words, good?.id ?? crypto.randomUUID())}
      brings={(key, value) => (key === 'kind' ? { measure: USUAL_MEASURE[value as GoodKind] } : {})}
      keep={(kept) => written(`“${kept.name}”`, () => db.goods.put(kept))}
    />
  );
}
