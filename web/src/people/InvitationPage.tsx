import { useEffect, useState } from 'react';
import { useQuery } from '@tanstack/react-query';
import Button from 'antd/es/button';
import Form from 'antd/es/form';
import Input from 'antd/es/input';
import type { InvitationShown } from '@hurrow/contract';
import { request, useWrite } from '../api/index.ts';
import { Loaded, NewPassphrase, Nothing, ProblemNote } from '../parts/index.ts';
import { tokenOf } from './words.ts';

function Accept({ shown, token }: { shown: InvitationShown; token: string }) {
  const use = useWrite('invitationAccept');
  return (
    <>
      <h1>{shown.workspace}</h1>
      <p className="quiet">
        {shown.forPassphrase
          ? `${shown.name}, choose a new passphrase.`
          : `You are invited as ${shown.role}. Choose the name and the passphrase to sign in with.`}
      </p>
      <Form<{ name: string; passphrase: string }>
        layout="vertical"
        requiredMark={false}
        initialValues={{ name: shown.name }}
        onFinish={({ name, passphrase }) =>
          use.mutate({ body: { token, name, passphrase } }, { onSuccess: () => window.location.assign('/') })
        }
      >
        <Form.Item
          label="Name"
          name="name"
          rules={[{ required: true, whitespace: true, message: 'Enter your name.' }]}
        >
          <Input autoFocus disabled={shown.forPassphrase} autoComplete="username" spellCheck={false} />
        </Form.Item>
        <NewPassphrase />
        <ProblemNote error={use.error} />
        <Button type="primary" htmlType="submit" loading={use.isPending} className="door-button">
          {shown.forPassphrase ? 'Save and sign in' : 'Join and sign in'}
        </Button>
      </Form>
    </>
  );
}

/** Where somebody lands who was sent a link. */
export function InvitationPage() {
  const [token] = useState(() => tokenOf(window.location.hash));
  useEffect(() => {
    document.title = 'Invitation · Hurrow';
  }, []);
  const shown = useQuery({
    queryKey: ['invitationShow', token],
    queryFn: () => request('invitationShow', { body: { token: token ?? '' } }),
    enabled: token !== null,
    retry: false,
  });
  return (
    <main className="door">
      <div className="door-panel">
        {token === null ? (
          <Nothing title="This link is not whole">Copy all of it, or ask for a new one.</Nothing>
        ) : (
          <Loaded query={shown}>{(s) => <Accept shown={s} token={token} />}</Loaded>
        )}
      </div>
    </main>
  );
}
