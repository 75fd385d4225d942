import { METHODS } from '../makes';
import { CAUSES } from './causes';
import { campsOf, FINDINGS, findableIn, oddsOf } from './findings';
import { CAUSE_IDS, FINDING_IDS, type FindingId } from './ids';

/** What a finding asks, where it belongs and what it can come from; null for one nobody knows. */
export function findingFile(id: string) {
  if (!FINDING_IDS.includes(id as FindingId)) return null;
  const finding = id as FindingId;
  const camps = campsOf(finding);
  const causes = new Set(camps.flatMap((camp) => [...oddsOf(finding, camp).keys()]));
  return {
    id,
    text: FINDINGS[finding].text,
    question: FINDINGS[finding].question,
    families: [
      ...new Set(
        METHODS.filter((method) => findableIn(method).includes(finding)).map(({ family }) => family),
      ),
    ],
    causes: CAUSE_IDS.filter((cause) => causes.has(cause) && cause in CAUSES),
  };
}
