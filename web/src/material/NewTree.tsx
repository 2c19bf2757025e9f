import Form from 'antd/es/form';
import Input from 'antd/es/input';
import Modal from 'antd/es/modal';
import Select from 'antd/es/select';
import { ORGANS } from '@hurrow/core/conditions';
import type { Organ } from '@hurrow/core/conditions';
import { useRead, useWrite } from '../api/index.ts';
import { ORGAN_LABELS } from '../app/index.ts';
import { ProblemNote } from '../parts/index.ts';

interface Entered {
  readonly site: string;
  readonly tag: string;
  readonly taxon: string;
  readonly out: readonly Organ[];
}

/** Tags a tree: where, under which tag, what it is, and what is out of reach on it. */
export function NewTree({ onClose }: { onClose: () => void }) {
  const [form] = Form.useForm<Entered>();
  const sites = useRead('sites');
  const species = useRead('species');
  const create = useWrite('treeCreate');
  const send = (e: Entered): void => {
    const out = new Set(e.out ?? []);
    const reach = Object.fromEntries(ORGANS.map((o) => [o, out.has(o) || o === 'wood' ? 'out' : 'hand']));
    create.mutate({ body: { site: e.site, tag: e.tag, taxon: e.taxon, reach } }, { onSuccess: onClose });
  };
  const need = (message: string) => [{ required: true, message }];
  return (
    <Modal
      open
      title="Tag a tree"
      okText="Tag it"
      onCancel={onClose}
      onOk={() => form.submit()}
      confirmLoading={create.isPending}
    >
      <Form<Entered> form={form} layout="vertical" requiredMark={false} onFinish={send}>
        <Form.Item label="Tag" name="tag" rules={need('Enter what stands on the tag.')}>
          <Input autoFocus maxLength={24} />
        </Form.Item>
        <Form.Item label="Site" name="site" rules={need('Choose the site.')}>
          <Select options={(sites.data ?? []).map((s) => ({ value: s.id, label: s.name }))} />
        </Form.Item>
        <Form.Item label="Species" name="taxon" rules={need('Choose the species.')}>
          <Select
            showSearch={{ optionFilterProp: 'label' }}
            options={(species.data ?? []).map((s) => ({
              value: s.id,
              label: s.common ? `${s.scientific}, ${s.common}` : s.scientific,
            }))}
          />
        </Form.Item>
        <Form.Item label="Out of reach on this tree" name="out">
          <Select
            mode="multiple"
            options={ORGANS.filter((o) => o !== 'wood').map((o) => ({ value: o, label: ORGAN_LABELS[o] }))}
          />
        </Form.Item>
        <ProblemNote error={create.error} />
      </Form>
    </Modal>
  );
}
