import { Button, Form, Input, Radio, Select } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { useMakeFirstGym, useWelcome, type FirstGym } from '../../api/ownGym';
import { NewPassword } from '../../design/form/NewPassword';
import { useRefused } from '../../design/form/useRefused';
import { Card } from '../../design/page/Card';
import { Doorstep } from '../../design/frame/Doorstep';
import { newId } from '../../lib/ids';
import { CoachFields } from './parts/CoachFields';
import { zoneHere, zoneOptions } from './parts/zones';
import styles from './OwnGym.module.css';

/** What begins: the first gym of a machine, and who owns it. */
export function BeginPage() {
  const welcome = useWelcome().data;
  return (
    <Doorstep
      title="Set up your gym"
      promise="Afterwards your list of athletes comes in, and every rope is sized at once."
    >
      {welcome?.firstGym === false ? (
        <Card strong>
          <p>
            There is a gym on this machine already. Ask its owner for an invitation: they make one under
            People, and you get a link.
          </p>
        </Card>
      ) : (
        <BeginForm />
      )}
      <p>
        <Link to="/">Back to sign in</Link>
      </p>
    </Doorstep>
  );
}

function BeginForm() {
  // One id for this form: sent twice it is one gym.
  const [id] = useState(newId);
  const [form] = Form.useForm<FirstGym>();
  const make = useMakeFirstGym();
  const elsewhere = useRefused(form, make.error);
  return (
    <Card strong>
      <Form<FirstGym>
        form={form}
        layout="vertical"
        requiredMark={false}
        initialValues={{ gym: { timeZone: zoneHere(), unit: 'cm' } }}
        onFinish={(input) => make.mutate({ id, input })}
      >
        <Form.Item
          name="code"
          label="Code"
          extra="Whoever started Zumbo on the machine finds it in the window where ./zumbo start ran."
          rules={[{ required: true, message: 'The code that ./zumbo start printed' }]}
        >
          <Input
            size="large"
            autoFocus
            autoComplete="off"
            placeholder="XXXX-XXXX-XXXX"
            className={styles.code ?? ''}
          />
        </Form.Item>
        <Form.Item
          name={['gym', 'name']}
          label="Name of the gym"
          rules={[{ required: true, whitespace: true, message: 'What the gym is called' }]}
        >
          <Input size="large" autoComplete="organization" maxLength={80} />
        </Form.Item>
        <Form.Item name={['gym', 'timeZone']} label="Time zone" extra="An evening ends when it ends there.">
          <Select size="large" showSearch options={zoneOptions()} optionFilterProp="label" />
        </Form.Item>
        <Form.Item name={['gym', 'unit']} label="Lengths are shown in">
          <Radio.Group
            optionType="button"
            buttonStyle="solid"
            size="large"
            options={[
              { value: 'cm', label: 'centimetres' },
              { value: 'ft-in', label: 'feet and inches' },
            ]}
          />
        </Form.Item>
        <CoachFields at={['coach']} />
        <NewPassword at={['coach', 'password']} />
        {elsewhere !== null && (
          <p role="alert" className={styles.refused}>
            {elsewhere}
          </p>
        )}
        <Button type="primary" size="large" htmlType="submit" block loading={make.isPending}>
          Make the gym and sign in
        </Button>
      </Form>
    </Card>
  );
}
