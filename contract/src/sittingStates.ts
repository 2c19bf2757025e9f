export const SITTING_STATES = ['draft', 'locked', 'open', 'closed', 'graded', 'returned'] as const;
export type SittingState = (typeof SITTING_STATES)[number];

export interface SittingSummary {
  readonly id: string;
  readonly section: string;
  readonly sectionName: string;
  readonly on: string;
  readonly state: SittingState;
  readonly joined: number;
  readonly submitted: number;
  readonly roster: number;
}
