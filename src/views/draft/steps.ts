import { readNumber } from '../../core/units/numbers';
import type { PressSteps } from '../../makes/method';

/** Press steps as one types them: "14 kg 60 min, 23 kg 30 min"; the units may be left out. */
export const stepsText = (steps: PressSteps): string =>
  steps.map(([kg, minutes]) => `${kg} kg ${minutes} min`).join(', ');

/** Press steps read back; null where they are not loads and minutes. */
export function readSteps(text: string): PressSteps | null {
  const parts = text
    .split(/[;,](?=\s|$)|\n/)
    .map((part) => part.trim())
    .filter((part) => part !== '');
  const steps = parts.map((part) => {
    const [kg, minutes, ...more] = part
      .replaceAll(/kg|min|for|×|x/gi, ' ')
      .trim()
      .split(/\s+/)
      .map(readNumber);
    return kg === null || kg === undefined || minutes === null || minutes === undefined || more.length > 0
      ? null
      : ([kg, minutes] as [number, number]);
  });
  return steps.some((step) => step === null) ? null : (steps as PressSteps);
}
