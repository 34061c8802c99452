import { Button, Form, Input } from 'antd';
import { useState } from 'react';
import { useInvite, type Role } from '../../../api/ownGym';
import { ChoiceField } from '../../../design/form/FieldStack';
import { useRefused } from '../../../design/form/useRefused';
import { Card } from '../../../design/page/Card';
import { newId } from '../../../lib/ids';
import { newSecret } from '../../../lib/wayIn';
import type { Shown } from './LinkShown';
import { ROLES } from './roles';
import styles from '../OwnGym.module.css';

/** Whom to let in, as what: ends in a link. */
export function InviteForm({ gym, onMade }: { gym: string; onMade: (made: Shown) => void }) {
  const [role, setRole] = useState<Role>('coach');
  const [form] = Form.useForm<{ name?: string }>();
  const invite = useInvite();
  const elsewhere = useRefused(form, invite.error);
  const make = ({ name = '' }: { name?: string }) => {
    const link = { gym, id: newId(), secret: newSecret() };
    invite.mutate(
      { id: link.id, input: { role, name: name.trim(), secret: link.secret } },
      {
        onSuccess: () => {
          form.resetFields();
          onMade({ link, kind: 'invitation', whom: name.trim() || `your new ${role}` });
        },
      },
    );
  };
  return (
    <Card strong label="Invite somebody">
      <h2>Invite somebody</h2>
      <Form className={styles.form ?? ''} form={form} layout="vertical" requiredMark={false} onFinish={make}>
        <Form.Item name="name" label="Name, if you like">
          <Input size="large" maxLength={80} autoComplete="off" />
        </Form.Item>
        <Form.Item label="They come in as">
          <ChoiceField
            label="They come in as"
            value={role}
            onChange={setRole}
            options={ROLES.map((one) => ({ value: one, label: one }))}
          />
        </Form.Item>
        {elsewhere !== null && <p role="alert">{elsewhere}</p>}
        <Button type="primary" size="large" htmlType="submit" block loading={invite.isPending}>
          Make the link
        </Button>
      </Form>
    </Card>
  );
}
