import { useEffect, useState } from 'react';
import Button from 'antd/es/button';
import { toDataURL } from 'qrcode';
import { useWrite } from '../api/index.ts';
import { ProblemNote } from '../parts/index.ts';

const LOCAL = /^(localhost|127\.|\[::1\])/;

/** What phones need of the network at this address; where none can connect, that is all there is to say. */
function networkWords(): string {
  if (LOCAL.test(window.location.host))
    return 'Phones cannot connect yet. Ask whoever installed Hurrow to turn on network access.';
  return window.isSecureContext
    ? 'A phone that opened it once also works without a network.'
    : 'This address is not secure (https), so a phone keeps its answers but needs the network to load the page again.';
}

/** The code students join with, shown as long as the sitting is open. */
export function JoinCode({
  sitting,
  code,
  onCode,
  given,
}: {
  sitting: string;
  code: string | null;
  onCode: (code: string) => void;
  given: boolean;
}) {
  const renew = useWrite('sittingCode');
  const [image, setImage] = useState('');
  const address = `${window.location.origin}/walk/`;
  useEffect(() => {
    let live = true;
    if (code) {
      void toDataURL(`${address}#${code.replaceAll(' ', '-')}`, {
        margin: 1,
        width: 104,
        color: { dark: '#12211C', light: '#FFFFFF' },
      }).then((url) => {
        if (live) setImage(url);
      });
    }
    return () => {
      live = false;
    };
  }, [code, address]);
  return (
    <section className="panel code-panel" aria-label="Join code">
      <div>
        {code ? (
          <p className="notice-line">
            {given ? 'To see your results, open' : 'To join, open'} <b>{window.location.host}/walk</b>, type{' '}
            <output className="join-code" aria-label="Join code">
              {code}
            </output>{' '}
            and your student number.
          </p>
        ) : (
          <p>The code is no longer shown, because the sitting is closed. Replace it to see a new one.</p>
        )}
        <p className="quiet">{networkWords()}</p>
        <Button
          size="small"
          loading={renew.isPending}
          onClick={() => renew.mutate({ params: { id: sitting } }, { onSuccess: (r) => onCode(r.code) })}
        >
          Replace code
        </Button>
        <span className="quiet"> The old code stops working.</span>
        <ProblemNote error={renew.error} />
      </div>
      {code && image ? (
        <figure className="code-picture">
          <img src={image} width={104} height={104} alt="The join address as a picture for phones" />
          <figcaption className="quiet">or point a phone here</figcaption>
        </figure>
      ) : null}
    </section>
  );
}
