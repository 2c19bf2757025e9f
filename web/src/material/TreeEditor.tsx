import Checkbox from 'antd/es/checkbox';
import Form from 'antd/es/form';
import Input from 'antd/es/input';
import Select from 'antd/es/select';
import { HAZARD_WORDS, STAGES } from '@hurrow/contract';
import type { TreeRow } from '@hurrow/contract';
import { HAZARDS, ORGANS } from '@hurrow/core/conditions';
import { useRead, useWrite } from '../api/index.ts';
import { ORGAN_LABELS } from '../app/index.ts';
import { Dialog, ProblemNote } from '../parts/index.ts';
import { changeOf, enteredOf, readPlace, reachOf } from './treeForm.ts';
import type { TreeEntered } from './treeForm.ts';

/** Tags a tree, or corrects one: where, under which tag, what it is, and what is out of reach on it. */
export function TreeEditor({
  tree,
  onClose,
}: {
  /** The tree that is corrected; null for a new one. */
  tree: TreeRow | null;
  onClose: () => void;
}) {
  const [form] = Form.useForm<TreeEntered>();
  const sites = useRead('sites');
  const species = useRead('species');
  const create = useWrite('treeCreate');
  const change = useWrite('treeChange');
  const taxon = Form.useWatch('taxon', form);
  const send = (e: TreeEntered): void => {
    const done = { onSuccess: onClose };
    if (tree)
      change.mutate({ params: { id: tree.id }, body: changeOf(e, tree), version: tree.version }, done);
    else
      create.mutate(
        { body: { site: e.site, tag: e.tag, taxon: e.taxon, reach: reachOf(e.out, null) } },
        done,
      );
  };
  const need = (message: string) => [{ required: true, message }];
  return (
    <Dialog
      open
      title={tree ? `Edit tree ${tree.tag}` : 'Tag a tree'}
      okText={tree ? 'Save tree' : 'Tag tree'}
      onCancel={onClose}
      onOk={() => form.submit()}
      confirmLoading={create.isPending || change.isPending}
    >
      <Form<TreeEntered>
        form={form}
        layout="vertical"
        requiredMark={false}
        initialValues={tree ? enteredOf(tree) : {}}
        onFinish={send}
      >
        <Form.Item label="Tag" name="tag" rules={need('Type what is written on the tag.')}>
          <Input autoFocus maxLength={24} />
        </Form.Item>
        <Form.Item label="Site" name="site" rules={need('Choose the site.')}>
          <Select options={(sites.data ?? []).map((s) => ({ value: s.id, label: s.name }))} />
        </Form.Item>
        <Form.Item
          label="Species"
          name="taxon"
          rules={need('Choose the species.')}
          extra={
            tree && taxon !== undefined && taxon !== tree.taxon.id
              ? 'Quizzes whose key is locked keep the species they were locked with. Open their key to correct it and to see who gains and who loses.'
              : undefined
          }
        >
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
        {tree ? (
          <>
            <Form.Item label="Stage of life" name="stage">
              <Select allowClear options={STAGES.map((s) => ({ value: s, label: s }))} />
            </Form.Item>
            <Form.Item label="Hazards at the tree" name="hazards">
              <Select
                mode="multiple"
                options={HAZARDS.map((h) => ({ value: h, label: `${h}: ${HAZARD_WORDS[h]}` }))}
              />
            </Form.Item>
            <Form.Item label="Condition" name="condition">
              <Input maxLength={400} />
            </Form.Item>
            <Form.Item label="How to get there" name="access">
              <Input maxLength={400} />
            </Form.Item>
            <Form.Item
              label="Latitude and longitude"
              name="place"
              extra="In degrees, as a map shows them: 47.9024, -115.8978. Minutes on foot are worked out from it."
              rules={[
                {
                  validator: (_, typed: string | undefined) =>
                    (typed ?? '').trim() === '' || readPlace(typed ?? '')
                      ? Promise.resolve()
                      : Promise.reject(
                          new Error('Type two numbers, the latitude first: 47.9024, -115.8978.'),
                        ),
                },
              ]}
            >
              <Input maxLength={60} />
            </Form.Item>
            <Form.Item name="retired" valuePropName="checked">
              <Checkbox>Retired: no longer offered for quizzes. Past quizzes keep it.</Checkbox>
            </Form.Item>
          </>
        ) : null}
        <ProblemNote error={create.error ?? change.error} />
      </Form>
    </Dialog>
  );
}
