/** How a hob is set, as its segments say it. */
export const HOB_SETTINGS = [
  { value: '0', text: 'off' },
  { value: '1', text: 'low' },
  { value: '2', text: 'middle' },
  { value: '3', text: 'full' },
] as const;
