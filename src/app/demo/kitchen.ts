import type { Kitchen } from '../../kitchen/kitchen';
import { USUAL_KITCHEN } from '../../kitchen/usual';

/** The two rooms at Tumbledrum Lock. Made up. `checked` is the day the thermometers were last read in ice, yyyy-mm-dd. */
export const demoKitchen = (checked: string): Kitchen => ({
  ...USUAL_KITCHEN,
  roomC: 18,
  roomNightC: 15,
  tapC: 11,
  fridgeC: 4,
  currency: '€',
  hands: 1,
  pots: [
    { id: 'demo-pot-big', name: 'big blue pot', litres: 18, kind: 'enamel' },
    { id: 'demo-pot-small', name: 'soup pot', litres: 9, kind: 'thick-bottomed steel' },
    { id: 'demo-pot-vat', name: 'the vat', litres: 60, kind: 'vat' },
  ],
  hobs: [
    { id: 'demo-hob-ring', name: 'gas ring', source: 'gas', kW: 3.5 },
    { id: 'demo-hob-plate', name: 'plate by the window', source: 'induction', kW: 2 },
  ],
  moulds: [
    {
      id: 'demo-mould-basket',
      name: 'ladling basket',
      acrossCm: 10,
      longCm: null,
      heightCm: 9,
      sides: 'straight',
      count: 12,
    },
    {
      id: 'demo-mould-hoop',
      name: 'beech hoop',
      acrossCm: 16,
      longCm: null,
      heightCm: 12,
      sides: 'straight',
      count: 2,
    },
    {
      id: 'demo-mould-cup',
      name: 'market cup',
      acrossCm: 9,
      longCm: null,
      heightCm: 8,
      sides: 'tapered',
      count: 20,
    },
  ],
  thermometers: [
    { id: 'demo-thermometer-dial', name: 'dial thermometer', iceReadsC: -1.4, boilReadsC: 98.9, checked },
    { id: 'demo-thermometer-pen', name: 'pen probe', iceReadsC: 0.1, boilReadsC: 100, checked },
  ],
  press: 'board and weights',
});
