import { Button, Form, Input } from 'antd';
import { useChangePassword, type PasswordChange } from '../../../api/ownSignIn';
import { NewPassword } from '../../../design/form/NewPassword';
import { useRefused } from '../../../design/form/useRefused';
import { Card } from '../../../design/page/Card';

/** Another password for oneself. */
export function PasswordForm() {
  const [form] = Form.useForm<PasswordChange>();
  const change = useChangePassword();
  const elsewhere = useRefused(form, change.error);
  return (
    <Card strong label="Change your password">
      <h2>Change your password</h2>
      <Form<PasswordChange>
        form={form}
        layout="vertical"
        style={{ marginTop: 12 }}
        requiredMark={false}
        onFinish={(input) => change.mutate(input, { onSuccess: () => form.resetFields() })}
      >
        <Form.Item
          name="current"
          label="Password now"
          rules={[{ required: true, message: 'Your password as it is now' }]}
        >
          <Input.Password size="large" autoComplete="current-password" />
        </Form.Item>
        <NewPassword at={['password']} label="New password" />
        {elsewhere !== null && <p role="alert">{elsewhere}</p>}
        {change.isSuccess && (
          <p role="status">The new password holds. Wherever else you were signed in, you are not any more.</p>
        )}
        <Button type="primary" size="large" htmlType="submit" block loading={change.isPending}>
          Change the password
        </Button>
      </Form>
    </Card>
  );
}
