import { Button, Form } from 'antd';
import { useState } from 'react';
import { Link, useLocation, useNavigate } from 'react-router';
import {
  useJoin,
  useResetPassword,
  useWayIn,
  type Newcomer,
  type NewPassword as Chosen,
} from '../../api/ownGym';
import type { Schemas } from '../../api/client';
import { NewPassword } from '../../design/form/NewPassword';
import { useRefused } from '../../design/form/useRefused';
import { Card } from '../../design/page/Card';
import { Doorstep } from '../../design/frame/Doorstep';
import { Loading } from '../../design/page/StateNote';
import { newId } from '../../lib/ids';
import { readWayIn, type WayIn } from '../../lib/wayIn';
import { CoachFields } from './parts/CoachFields';
import { roleInWords } from './parts/roles';
import styles from './OwnGym.module.css';

type Told = Schemas['WayInView'];

/** Where a link leads: into a gym, or to a new password. */
export function JoinPage() {
  const { hash } = useLocation();
  const link = readWayIn(hash);
  const told = useWayIn(link);
  if (link !== null && told.isPending) {
    return <Loading what="what this link is for" />;
  }
  if (link === null || told.data === undefined) {
    return (
      <Doorstep title="This link lets nobody in">
        <Card strong>
          <p role="alert">{told.error?.message ?? 'It was not copied whole: open it as it was sent.'}</p>
          <Link to="/">To sign in</Link>
        </Card>
      </Doorstep>
    );
  }
  return told.data.kind === 'invitation' ? (
    <Join link={link} told={told.data} />
  ) : (
    <Reset link={link} told={told.data} />
  );
}

function Join({ link, told }: { link: WayIn; told: Told }) {
  const [coachId] = useState(newId);
  const [form] = Form.useForm<{ coach: Newcomer }>();
  const join = useJoin();
  const navigate = useNavigate();
  const elsewhere = useRefused(form, join.error);
  return (
    <Doorstep
      title={`${told.madeBy} invites you to ${told.gymName}`}
      promise={`You come in as ${told.role}: ${roleInWords(told.role)}`}
    >
      <Card strong>
        <Form<{ coach: Newcomer }>
          form={form}
          layout="vertical"
          requiredMark={false}
          initialValues={{ coach: { name: told.name } }}
          onFinish={({ coach }) =>
            join.mutate(
              { link, coachId, coach },
              { onSuccess: () => void navigate('/class', { replace: true }) },
            )
          }
        >
          <CoachFields at={['coach']} />
          <NewPassword at={['coach', 'password']} />
          <Refused said={elsewhere} />
          <Button type="primary" size="large" htmlType="submit" block loading={join.isPending}>
            Join and sign in
          </Button>
        </Form>
      </Card>
    </Doorstep>
  );
}

function Reset({ link, told }: { link: WayIn; told: Told }) {
  const [form] = Form.useForm<{ password: Chosen }>();
  const reset = useResetPassword();
  const navigate = useNavigate();
  const elsewhere = useRefused(form, reset.error);
  return (
    <Doorstep title={`A new password for ${told.name}`} promise={`${told.email ?? ''} · ${told.gymName}`}>
      <Card strong>
        <Form<{ password: Chosen }>
          form={form}
          layout="vertical"
          requiredMark={false}
          onFinish={({ password }) =>
            reset.mutate(
              { link, email: told.email ?? '', password },
              { onSuccess: () => void navigate('/class', { replace: true }) },
            )
          }
        >
          <NewPassword at={['password']} label="New password" />
          <Refused said={elsewhere} />
          <Button type="primary" size="large" htmlType="submit" block loading={reset.isPending}>
            Use this password and sign in
          </Button>
        </Form>
      </Card>
    </Doorstep>
  );
}

function Refused({ said }: { said: string | null }) {
  return said === null ? null : (
    <p role="alert" className={styles.refused}>
      {said}
    </p>
  );
}
