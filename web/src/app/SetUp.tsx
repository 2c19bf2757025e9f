import { useEffect } from 'react';
import Button from 'antd/es/button';
import Form from 'antd/es/form';
import Input from 'antd/es/input';
import { problemOf, useWrite } from '../api/index.ts';
import { IS_NUMBER, LongitudeDoubt, NewPassphrase, ProblemNote } from '../parts/index.ts';

interface Entered {
  readonly code: string;
  readonly workspace: string;
  readonly name: string;
  readonly passphrase: string;
  readonly again: string;
  readonly site: string;
  readonly lat: string;
  readonly lon: string;
  readonly elevM: string;
}

/** The first owner of an empty data folder. */
export function SetUp() {
  const [form] = Form.useForm<Entered>();
  const lat = Form.useWatch('lat', form);
  const lon = Form.useWatch('lon', form);
  const setUp = useWrite('setup');
  useEffect(() => {
    document.title = 'Set up · Hurrow';
  }, []);
  const send = (e: Entered): void => {
    const { code, workspace, name, passphrase } = e;
    const site = {
      name: e.site,
      lat: Number(e.lat),
      lon: Number(e.lon),
      elevM: Number(e.elevM),
      tz: Intl.DateTimeFormat().resolvedOptions().timeZone,
    };
    setUp.mutate({ body: { code, workspace, name, passphrase, site } });
  };
  const field = setUp.error ? problemOf(setUp.error).field : undefined;
  const need = (message: string) => [{ required: true, message }];
  return (
    <main className="door">
      <div className="door-panel wide">
        <h1>Set up Hurrow</h1>
        <p className="quiet">
          This data folder is empty. The set-up code is in the terminal where Hurrow was started.
        </p>
        <Form<Entered> form={form} layout="vertical" requiredMark={false} onFinish={send}>
          <Form.Item
            label="Set-up code"
            name="code"
            rules={need('Enter the set-up code.')}
            {...(field === 'code' ? { validateStatus: 'error' as const } : {})}
          >
            <Input autoFocus autoComplete="off" spellCheck={false} />
          </Form.Item>
          <div className="two-columns">
            <Form.Item label="School or office" name="workspace" rules={need('Enter its name.')}>
              <Input />
            </Form.Item>
            <Form.Item label="Your name" name="name" rules={need('Enter your name.')}>
              <Input autoComplete="username" spellCheck={false} />
            </Form.Item>
            <NewPassphrase label="Passphrase" />
          </div>
          <h2>Where your trees are</h2>
          <p className="quiet">Hurrow shifts seasons to this place. You can add more sites under Classes.</p>
          <div className="four-columns">
            <Form.Item label="Site" name="site" rules={need('Name the site.')}>
              <Input />
            </Form.Item>
            <Form.Item label="Latitude" name="lat" rules={[...need('Needed.'), IS_NUMBER]}>
              <Input inputMode="decimal" />
            </Form.Item>
            <Form.Item
              label="Longitude"
              name="lon"
              extra="In North America it starts with a minus, such as -123.1."
              rules={[...need('Needed.'), IS_NUMBER]}
            >
              <Input inputMode="decimal" />
            </Form.Item>
            <Form.Item label="Elevation, m" name="elevM" rules={[...need('Needed.'), IS_NUMBER]}>
              <Input inputMode="decimal" />
            </Form.Item>
          </div>
          <LongitudeDoubt lat={lat} lon={lon} onUse={(west) => form.setFieldsValue({ lon: west })} />
          <ProblemNote error={setUp.error} />
          <Button type="primary" htmlType="submit" loading={setUp.isPending} className="door-button">
            Set up and sign in
          </Button>
        </Form>
      </div>
    </main>
  );
}
