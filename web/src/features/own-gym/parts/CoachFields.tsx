import { Form, Input } from 'antd';

/** Who signs in: name and e-mail. */
export function CoachFields({ at }: { at: string[] }) {
  return (
    <>
      <Form.Item
        name={[...at, 'name']}
        label="Your name"
        rules={[{ required: true, whitespace: true, message: 'Your name, as the others call you' }]}
      >
        <Input size="large" autoComplete="name" maxLength={80} />
      </Form.Item>
      <Form.Item
        name={[...at, 'email']}
        label="E-mail"
        extra="You sign in by it; Zumbo sends no mail."
        rules={[{ required: true, type: 'email', message: 'An e-mail address, like name@gym.example' }]}
      >
        <Input size="large" autoComplete="username" inputMode="email" maxLength={180} />
      </Form.Item>
    </>
  );
}
