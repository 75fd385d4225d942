/** The make a newcomer begins with, by its id: any milk, an acid and a pan will do. */
export const FIRST_METHOD_ID = 'whole-milk-ricotta';
