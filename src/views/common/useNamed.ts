import { useCallback } from 'react';
import { useAppSelector } from '../../store/store';

/** What a learned thing is called here: the good on the shelf, the pot in the kitchen; else as its makes called it. */
export function useNamed() {
  const goods = useAppSelector((state) => state.data.goods);
  const pots = useAppSelector((state) => state.kitchen.pots);
  return useCallback(
    <T extends { id: string; name: string }>(one: T): T => {
      const here = goods.find(({ id }) => id === one.id)?.name ?? pots?.find(({ id }) => id === one.id)?.name;
      return here === undefined ? one : { ...one, name: here };
    },
    [goods, pots],
  );
}
