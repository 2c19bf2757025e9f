import Alert from 'antd/es/alert';
import Typography from 'antd/es/typography';
import type { InvitationMade } from '@hurrow/contract';
import { linkOf, untilWords } from './words.ts';

/** A link that was just made; it is shown this once. */
export function LinkMade({ made, who, onClose }: { made: InvitationMade; who: string; onClose: () => void }) {
  return (
    <Alert
      type="success"
      showIcon
      closable
      onClose={onClose}
      title={`Send this link to ${who}. It is shown this once, works once, and ${untilWords(made.expires)}.`}
      description={
        <Typography.Text code copyable={{ tooltips: ['Copy link', 'Copied'] }} className="one-time-link">
          {linkOf(window.location.origin, made.token)}
        </Typography.Text>
      }
    />
  );
}
