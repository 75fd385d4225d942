import type { Format } from '../../core/units/format';
import type { Parts } from '../../plan/outcome';
import { totalKg } from '../../plan/outcome';
import type { Planned } from '../../plan/plan';
import type { PailPart, PailProps } from '../../ui/charts/PailFigure';

function parts(body: Parts, format: Format): PailPart[] {
  const part = (key: string, label: string, kg: number): PailPart => ({
    key,
    label,
    kg,
    text: format.kg(kg),
  });
  return [
    part('fat', 'fat', body.fat),
    part('casein', 'casein', body.casein),
    part('wheyProtein', 'whey protein', body.wheyProtein),
    part('dissolved', 'lactose, ash', body.lactose + body.minerals + body.salt + body.acid),
    part('water', 'water', body.water),
  ];
}

/** The pail figure of a plan: both bodies' parts add up to everything that went into the pot. */
export function pailOf(planned: Planned, format: Format): PailProps {
  const { cheese, whey } = planned.outcome;
  const cheeseText = format.kg(totalKg(cheese));
  const wheyText = format.kg(totalKg(whey));
  const inCheese = parts(cheese, format);
  const inWhey = parts(whey, format);
  const list = (body: PailPart[]) => body.map((part) => `${part.label} ${part.text}`).join(', ');
  return {
    cheese: inCheese,
    whey: inWhey,
    cheeseText: `cheese ${cheeseText}`,
    wheyText: `whey ${wheyText}`,
    described: `Pail cut open. Cheese ${cheeseText}: ${list(inCheese)}. Whey ${wheyText}: ${list(inWhey)}.`,
  };
}
