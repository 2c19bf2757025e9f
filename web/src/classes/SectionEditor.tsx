import Form from 'antd/es/form';
import type { Section } from '@hurrow/contract';
import { useRead, useWrite } from '../api/index.ts';
import { Dialog, ProblemNote } from '../parts/index.ts';
import { SectionFields } from './SectionFields.tsx';
import type { SectionEntered } from './SectionFields.tsx';

/** Changes a class: its name, term, list, site and wording. */
export function SectionEditor({ section, onClose }: { section: Section; onClose: () => void }) {
  const [form] = Form.useForm<SectionEntered>();
  const lists = useRead('lists');
  const sites = useRead('sites');
  const change = useWrite('sectionChange');
  const list = Form.useWatch('list', form);
  return (
    <Dialog
      open
      width={640}
      title={`Edit class ${section.name}`}
      okText="Save class"
      onCancel={onClose}
      onOk={() => form.submit()}
      confirmLoading={change.isPending}
    >
      <Form<SectionEntered>
        form={form}
        layout="vertical"
        requiredMark={false}
        initialValues={{
          name: section.name,
          term: section.term,
          list: section.list,
          site: section.site.id,
          level: section.level ?? 'general',
        }}
        onFinish={(e) =>
          change.mutate(
            {
              params: { id: section.id },
              body: { ...e, archived: section.archived },
              version: section.version,
            },
            { onSuccess: onClose },
          )
        }
      >
        <SectionFields lists={lists.data ?? []} sites={sites.data ?? []} />
        {list !== undefined && list !== section.list ? (
          <p className="note">
            Quizzes that are scheduled keep the list they were made from. New quizzes use the new list.
          </p>
        ) : null}
        <ProblemNote error={change.error} />
      </Form>
    </Dialog>
  );
}
