import type { ReactNode } from 'react';
import { type Good, goodSchema } from '../../kitchen/goods';
import { usePorts } from '../../store/ports';
import { AskSheet } from '../common/AskSheet';
import { written } from '../common/written';
import { bringsWith, goodFields, goodOf, wordsOf } from './goodForm';

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
      brings={bringsWith}
      keep={(kept) => written(`“${kept.name}”`, () => db.goods.put(kept))}
    />
  );
}
