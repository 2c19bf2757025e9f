import Button from 'antd/es/button';
import Form from 'antd/es/form';
import Input from 'antd/es/input';
import Select from 'antd/es/select';
import type { InvitationBody, InvitationMade, Role, Section } from '@hurrow/contract';
import { useWrite } from '../api/index.ts';
import { ProblemNote } from '../parts/index.ts';
import { ROLE_WORDS } from './words.ts';

const ROLES: readonly Role[] = ['assistant', 'instructor', 'owner'];

/** Invites somebody by name; what they may do is chosen now and can be changed later. */
export function InviteForm({
  sections,
  onMade,
}: {
  sections: readonly Section[];
  onMade: (made: InvitationMade, who: string) => void;
}) {
  const [form] = Form.useForm<InvitationBody>();
  const role = Form.useWatch('role', form);
  const invite = useWrite('invitationCreate');
  const send = ({ name, role: r, sections: chosen }: InvitationBody): void =>
    invite.mutate(
      { body: { name, role: r, sections: r === 'assistant' ? chosen : [] } },
      {
        onSuccess: (made) => {
          onMade(made, name);
          form.resetFields();
        },
      },
    );
  return (
    <section className="panel" aria-label="Invite">
      <h2>Invite somebody</h2>
      <Form<InvitationBody>
        form={form}
        layout="vertical"
        requiredMark={false}
        initialValues={{ role: 'assistant', sections: [] }}
        onFinish={send}
      >
        <div className="two-columns">
          <Form.Item
            label="Their name"
            name="name"
            rules={[{ required: true, whitespace: true, message: 'Enter their name.' }]}
          >
            <Input autoComplete="off" spellCheck={false} />
          </Form.Item>
          <Form.Item label="They join as" name="role">
            <Select options={ROLES.map((value) => ({ value, label: ROLE_WORDS[value] }))} />
          </Form.Item>
        </div>
        {role === 'assistant' ? (
          <Form.Item
            label="Classes"
            name="sections"
            extra="An assistant sees these classes and no other."
            rules={[{ required: true, type: 'array', min: 1, message: 'Choose at least one class.' }]}
          >
            <Select
              mode="multiple"
              showSearch={{ optionFilterProp: 'label' }}
              options={sections.map((s) => ({ value: s.id, label: s.name }))}
            />
          </Form.Item>
        ) : null}
        <ProblemNote error={invite.error} />
        <Button type="primary" htmlType="submit" loading={invite.isPending}>
          Make link
        </Button>
      </Form>
    </section>
  );
}
