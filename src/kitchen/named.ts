import { oneLine } from '../core/faults/bounds';

/** What the maker's own things have to be told apart by: an id nobody sees, and a name. */
export const named = {
  id: oneLine(64).min(1, 'give it an id'),
  name: oneLine(120).min(1, 'give it a name'),
};

/** Names that have their article already, or say whose it is. */
const OWN_ARTICLE = /^(the|an?|my|our|your)\s|['’]s?\s/i;

/**
 * What stands before the name a kitchen gives a thing of its own, within a sentence: "the " for "big blue pot", nothing for "the vat",
 * "my tall pot" or "Grandmother’s pot", which would say it twice.
 */
export const articleOf = (name: string): 'the ' | '' => (OWN_ARTICLE.test(name) ? '' : 'the ');
