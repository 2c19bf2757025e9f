import { useEffect } from 'react';
import Button from 'antd/es/button';
import Form from 'antd/es/form';
import Input from 'antd/es/input';
import { useWrite } from '../api/index.ts';
import { ProblemNote } from '../parts/index.ts';

interface Entered {
  readonly name: string;
  readonly passphrase: string;
}

export function SignIn() {
  const signIn = useWrite('sessionStart');
  useEffect(() => {
    document.title = 'Sign in · Hurrow';
  }, []);
  return (
    <main className="door">
      <div className="door-panel">
        <h1>Hurrow</h1>
        <p className="quiet">Species profiles, fair field quizzes, and the mix-ups behind wrong names.</p>
        <Form<Entered> layout="vertical" requiredMark={false} onFinish={(body) => signIn.mutate({ body })}>
          <Form.Item label="Name" name="name" rules={[{ required: true, message: 'Enter your name.' }]}>
            <Input autoFocus autoComplete="username" spellCheck={false} />
          </Form.Item>
          <Form.Item
            label="Passphrase"
            name="passphrase"
            rules={[{ required: true, message: 'Enter your passphrase.' }]}
          >
            <Input.Password autoComplete="current-password" />
          </Form.Item>
          <ProblemNote error={signIn.error} />
          <Button type="primary" htmlType="submit" loading={signIn.isPending} className="door-button">
            Sign in
          </Button>
        </Form>
        <p className="quiet door-foot">
          Students join a quiz at <a href="/walk/">/walk/</a> with a code and their student number.
        </p>
      </div>
    </main>
  );
}
