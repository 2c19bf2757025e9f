import { useRef } from 'react';
import Button from 'antd/es/button';

/** A button that asks for a picture file. */
export function PictureButton({
  label,
  what,
  busy,
  onPick,
}: {
  label: string;
  /** What the file is, for a reader of the page. */
  what: string;
  busy: boolean;
  onPick: (file: File) => void;
}) {
  const file = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button size="small" loading={busy} onClick={() => file.current?.click()}>
        {label}
      </Button>
      <input
        ref={file}
        type="file"
        accept="image/jpeg,image/png,image/webp"
        className="visually-hidden"
        tabIndex={-1}
        aria-label={what}
        onChange={(e) => {
          const [chosen] = e.target.files ?? [];
          // The same file may be chosen again after a refusal.
          e.target.value = '';
          if (chosen) onPick(chosen);
        }}
      />
    </>
  );
}
