import { z } from 'zod';

/** What the maker's own things have to be told apart by: an id nobody sees, and a name. */
export const named = {
  id: z.string().min(1).max(64),
  name: z.string().min(1, 'give it a name').max(120),
};
