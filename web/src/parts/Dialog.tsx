import { useEffect, useState } from 'react';
import Modal from 'antd/es/modal';
import type { ModalProps } from 'antd/es/modal';

/**
 * A dialog that is in the page only while it is open. What had the focus when it opened gets it back, so that somebody at the
 * keyboard goes on where they were and not at the top of the page.
 */
export function Dialog(props: ModalProps) {
  const [opener] = useState(() => document.activeElement);
  useEffect(
    () => () => {
      requestAnimationFrame(() => {
        const isLost = document.activeElement === null || document.activeElement === document.body;
        if (isLost && opener instanceof HTMLElement && opener.isConnected) opener.focus();
      });
    },
    [opener],
  );
  return <Modal {...props} />;
}
