import { useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import Button from 'antd/es/button';
import Popconfirm from 'antd/es/popconfirm';
import { address } from '@hurrow/contract';
import type { Sheet } from '@hurrow/contract';
import { sendFile, useWrite } from '../api/index.ts';
import { PictureButton, ProblemNote } from '../parts/index.ts';

/** The photograph of a sheet beside its entry. */
export function SheetPhoto({ sitting, sheet }: { sitting: string; sheet: Sheet }) {
  const params = { id: sitting, student: sheet.student };
  const client = useQueryClient();
  const remove = useWrite('sheetPhotoRemove');
  const [error, setError] = useState<unknown>(null);
  const [busy, setBusy] = useState(false);
  // The address stays the same when another photograph takes the place of one.
  const [shown, setShown] = useState(0);
  const attach = async (chosen: File): Promise<void> => {
    setBusy(true);
    setError(null);
    try {
      await sendFile('sheetPhotoAdd', params, chosen);
      await client.invalidateQueries({ queryKey: ['sheet'] });
      setShown((n) => n + 1);
    } catch (e) {
      setError(e);
    }
    setBusy(false);
  };
  return (
    <section className="panel" aria-label="Photograph of the sheet">
      <div className="panel-head">
        <h2>Photograph</h2>
        <PictureButton
          label={sheet.photo ? 'Replace photograph' : 'Attach photograph'}
          what="Photograph of the sheet to attach"
          busy={busy}
          onPick={(f) => void attach(f)}
        />
        {sheet.photo ? (
          <Popconfirm
            title="Delete this photograph?"
            description="The answers entered from it stay."
            okText="Delete photograph"
            cancelText="Cancel"
            onConfirm={() => remove.mutate({ params })}
          >
            <Button size="small" loading={remove.isPending}>
              Delete photograph
            </Button>
          </Popconfirm>
        ) : null}
      </div>
      {sheet.photo ? (
        <img
          className="sheet-photo"
          src={`${address('sheetPhoto', params)}?${shown}`}
          alt={`Sheet of number ${sheet.code}, photograph`}
        />
      ) : null}
      <ProblemNote error={error ?? remove.error} />
    </section>
  );
}
