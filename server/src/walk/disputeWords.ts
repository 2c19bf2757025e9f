import type { DisputeKind } from '@hurrow/core/answers';

/** What a student is told about an answer that waits for a decision. */
export const DISPUTE_WORDS: Readonly<Record<DisputeKind, string>> = {
  late: 'It came after the quiz was closed. Your instructor decides whether it counts.',
  after_grading: 'It came after the quiz was graded. Your instructor decides whether it counts.',
  other_content: 'You sent two different answers at once. The first counts until your instructor decides.',
  older_phone:
    'Another phone with your number answered this question. That answer counts until your instructor decides.',
  differs: 'Your paper sheet says something else. What came first counts until your instructor decides.',
};
