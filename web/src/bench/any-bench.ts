import type { PositionDetail } from '@yardfrost/contract'
import type { Assessment, Position } from '@yardfrost/core'
import type { Ref } from 'vue'
import type { DocumentInHand } from '../shell/use-document.ts'

/** What the frame of a bench needs of the position on it, of whichever kind. */
export interface AnyBench extends Omit<DocumentInHand, 'settle'> {
  id: string
  detail: Ref<PositionDetail | null>
  inputs: Ref<Position>
  assessment: Ref<Assessment>
  conflict: Ref<PositionDetail | null>
  base: Ref<Position | null>
  saving: Ref<{ note: string; dirty: boolean; busy: boolean; allowed: boolean; save: () => void }>
  undoable: Ref<{ what: string } | null>
  undo(): void
  keepChange(): void
  change(what: string, next: Position): void
  settle(keep: 'mine' | 'theirs' | { merged: Position }): Promise<void>
}
