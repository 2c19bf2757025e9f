import Alert from 'antd/es/alert';
import Button from 'antd/es/button';
import { problemOf } from '../api/index.ts';

/** What was refused, why, and what would be right. */
export function ProblemNote({ error, onRetry }: { error: unknown; onRetry?: () => void }) {
  if (!error) return null;
  const problem = problemOf(error);
  return (
    <Alert
      type="error"
      showIcon
      role="alert"
      title={problem.detail}
      description={problem.remedy}
      {...(onRetry ? { action: <Button onClick={onRetry}>Try again</Button> } : {})}
    />
  );
}
