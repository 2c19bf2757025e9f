import Form from 'antd/es/form';
import Input from 'antd/es/input';

/** A new passphrase, entered twice. */
export function NewPassphrase({ label = 'New passphrase' }: { label?: string }) {
  return (
    <>
      <Form.Item
        label={label}
        name="passphrase"
        extra="Ten characters or more; a few words are best."
        rules={[{ required: true, min: 10, message: 'Use ten characters or more.' }]}
      >
        <Input.Password autoComplete="new-password" />
      </Form.Item>
      <Form.Item
        label={`${label} again`}
        name="again"
        dependencies={['passphrase']}
        rules={[
          ({ getFieldValue }) => ({
            validator: (_, value) =>
              value === getFieldValue('passphrase')
                ? Promise.resolve()
                : Promise.reject(new Error('The two differ.')),
          }),
        ]}
      >
        <Input.Password autoComplete="new-password" />
      </Form.Item>
    </>
  );
}
