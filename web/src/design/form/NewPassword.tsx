import { Form, Input } from 'antd';

/** As the server asks for it. */
const LEAST = 10;

interface Props {
  /** Where it stands in what is sent, like ['coach', 'password']. */
  at: string[];
  label?: string;
}

/** A new password, twice. */
export function NewPassword({ at, label = 'Password' }: Props) {
  const path = [...at, 'password'];
  return (
    <>
      <Form.Item
        name={path}
        label={label}
        extra={`At least ${LEAST} characters: a few words that you can type at the wall.`}
        rules={[{ required: true, min: LEAST, message: `At least ${LEAST} characters` }]}
      >
        <Input.Password size="large" autoComplete="new-password" />
      </Form.Item>
      <Form.Item
        name={[...at, 'again']}
        label={`${label} again`}
        dependencies={[path]}
        rules={[
          ({ getFieldValue }) => ({
            validator: (_, again) =>
              again === getFieldValue(path) && again !== undefined
                ? Promise.resolve()
                : Promise.reject(new Error('The same password again')),
          }),
        ]}
      >
        <Input.Password size="large" autoComplete="new-password" />
      </Form.Item>
    </>
  );
}
