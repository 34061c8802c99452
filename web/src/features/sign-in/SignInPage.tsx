import { Button, Form, Input } from 'antd';
import { useEffect, useState } from 'react';
import { useSignIn, type Credentials } from '../../api/session';
import { Card } from '../../design/page/Card';
import { OutboxStore } from '../../lib/outboxStore';
import styles from './SignInPage.module.css';

export function SignInPage() {
  const signIn = useSignIn();
  const [waiting, setWaiting] = useState(0);
  useEffect(() => {
    document.title = 'Sign in · Zumbo';
    void OutboxStore.waitingOnDevice().then(setWaiting);
  }, []);
  return (
    <main className={styles.page} id="main">
      <h1>Good evening, coach. Who is it?</h1>
      <p className={styles.promise}>Ropes that fit, one next thing for every athlete.</p>
      {waiting > 0 && (
        <p role="status">
          {waiting === 1 ? 'One entry waits' : `${waiting} entries wait`} on this device, and{' '}
          {waiting === 1 ? 'is' : 'are'} sent when whoever made {waiting === 1 ? 'it' : 'them'} signs in
          again.
        </p>
      )}
      <Card strong>
        <Form<Credentials>
          layout="vertical"
          requiredMark={false}
          onFinish={(values) => signIn.mutate(values)}
        >
          <Form.Item
            name="email"
            label="E-mail"
            rules={[{ required: true, message: 'Your e-mail, like name@gym.example' }]}
          >
            <Input size="large" autoComplete="username" inputMode="email" autoFocus />
          </Form.Item>
          <Form.Item name="password" label="Password" rules={[{ required: true, message: 'Your password' }]}>
            <Input.Password size="large" autoComplete="current-password" />
          </Form.Item>
          {signIn.error !== null && (
            <p role="alert" className={styles.refused}>
              {signIn.error.message}
            </p>
          )}
          <Button type="primary" size="large" htmlType="submit" block loading={signIn.isPending}>
            Sign in
          </Button>
        </Form>
      </Card>
    </main>
  );
}
