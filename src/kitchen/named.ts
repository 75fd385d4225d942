import { oneLine } from '../core/faults/bounds';

/** What the maker's own things have to be told apart by: an id nobody sees, and a name. */
export const named = {
  id: oneLine(64).min(1, 'give it an id'),
  name: oneLine(120).min(1, 'give it a name'),
};
