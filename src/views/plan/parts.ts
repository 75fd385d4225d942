import type { Fault } from '../../core/faults/fault';
import type { Draft, draftChanged } from '../../store/slices/draft';

/** What each thing that goes in is asked in. */
export interface PartProps {
  draft: Draft;
  faults: readonly Fault[];
  change(next: Parameters<typeof draftChanged>[0]): void;
}
