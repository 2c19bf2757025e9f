import { useState } from 'react';
import Alert from 'antd/es/alert';
import Button from 'antd/es/button';
import Form from 'antd/es/form';
import Input from 'antd/es/input';
import { useRead, useWrite } from '../api/index.ts';
import { useSession } from '../app/index.ts';
import { AppLink, Loaded, NewPassphrase, PageHead, ProblemNote } from '../parts/index.ts';
import { sessionWords } from './words.ts';
import './people.css';

function Sessions() {
  const sessions = useRead('ownSessions');
  const end = useWrite('ownSessionEnd');
  return (
    <section className="panel" aria-label="Where you are signed in">
      <h2>Where you are signed in</h2>
      <Loaded query={sessions}>
        {(all) => (
          <ul className="plain-list people-list">
            {all.map((s) => (
              <li key={s.id}>
                <span>
                  {sessionWords(s)} {s.isThis ? <span className="tag">this browser</span> : null}
                </span>
                {s.isThis ? null : (
                  <Button
                    size="small"
                    aria-label={`End session of ${sessionWords(s)}`}
                    loading={end.isPending}
                    onClick={() => end.mutate({ params: { id: s.id } })}
                  >
                    End session
                  </Button>
                )}
              </li>
            ))}
          </ul>
        )}
      </Loaded>
      <ProblemNote error={end.error} />
    </section>
  );
}

function ChangePassphrase() {
  const [form] = Form.useForm<{ present: string; passphrase: string }>();
  const [isChanged, setChanged] = useState(false);
  const change = useWrite('passphraseChange');
  return (
    <section className="panel" aria-label="Passphrase">
      <h2>Passphrase</h2>
      {isChanged ? (
        <Alert
          type="success"
          showIcon
          title="Your passphrase is changed. Every other browser was signed out."
        />
      ) : null}
      <Form<{ present: string; passphrase: string }>
        form={form}
        layout="vertical"
        requiredMark={false}
        onFinish={({ present, passphrase }) =>
          change.mutate(
            { body: { present, passphrase } },
            {
              onSuccess: () => {
                setChanged(true);
                form.resetFields();
              },
            },
          )
        }
      >
        <Form.Item
          label="Present passphrase"
          name="present"
          rules={[{ required: true, message: 'Enter your present passphrase.' }]}
        >
          <Input.Password autoComplete="current-password" />
        </Form.Item>
        <NewPassphrase />
        <ProblemNote error={change.error} />
        <Button type="primary" htmlType="submit" loading={change.isPending}>
          Change passphrase
        </Button>
      </Form>
    </section>
  );
}

/** One's own account: the passphrase, and where one is signed in. */
export function AccountPage() {
  const { name, role } = useSession();
  return (
    <>
      <PageHead
        title={name}
        name="Your account"
        about={
          role === 'owner' ? (
            <>
              owner · <AppLink to="/people">People on the staff</AppLink>
            </>
          ) : (
            role
          )
        }
      />
      <div className="account-columns">
        <ChangePassphrase />
        <Sessions />
      </div>
    </>
  );
}
