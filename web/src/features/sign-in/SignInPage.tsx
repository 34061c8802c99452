import { Button, Form, Input } from 'antd';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { useWelcome } from '../../api/ownGym';
import { useSignIn, type Credentials } from '../../api/session';
import { Card } from '../../design/page/Card';
import { Doorstep } from '../../design/frame/Doorstep';
import { OutboxStore } from '../../lib/outboxStore';
import styles from './SignInPage.module.css';

export function SignInPage() {
  const signIn = useSignIn();
  const [waiting, setWaiting] = useState(0);
  useEffect(() => {
    void OutboxStore.waitingOnDevice().then(setWaiting);
  }, []);
  return (
    <Doorstep
      title="Good evening, coach. Who is it?"
      tab="Sign in"
      promise="Ropes that fit, one next thing for every athlete."
    >
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
        <p className={styles.forgot}>
          Forgot the password? An owner of your gym makes you a link to a new one, under People.
        </p>
      </Card>
      <OtherWays onDemo={(credentials) => signIn.mutate(credentials)} pending={signIn.isPending} />
    </Doorstep>
  );
}

/** For whoever has no password here yet. */
function OtherWays({ onDemo, pending }: { onDemo: (to: Credentials) => void; pending: boolean }) {
  const { demo, firstGym } = useWelcome().data ?? { demo: null, firstGym: false };
  if (demo === null && !firstGym) {
    return null;
  }
  return (
    <section className={styles.others} aria-labelledby="new-here">
      <h2 id="new-here">New here?</h2>
      {firstGym && (
        <Link to="/set-up" className={styles.way ?? ''}>
          <strong>Set up your gym</strong>
          <span>Name, time zone, your password: two minutes.</span>
        </Link>
      )}
      {demo !== null && (
        <Button size="large" block disabled={pending} onClick={() => onDemo(demo)}>
          Look around the demo
        </Button>
      )}
    </section>
  );
}
