import { Button, Checkbox, Form, Input, InputNumber, Radio, Select } from 'antd';
import { useAthleteTerms, type AthleteInput } from '../../../api/athletes';
import { useRefused } from '../../../design/form/useRefused';
import { AtThumb } from '../../../design/page/AtThumb';
import styles from './AthleteForm.module.css';

/** Names the form for its button, which on a phone lies outside of it. */
const NEWCOMER = 'newcomer';

interface Props {
  /** A newcomer is asked what matters before jumping; later that has a book of its own. */
  newcomer?: boolean;
  initial: AthleteInput;
  /** What the button says: what happens. */
  action: string;
  pending: boolean;
  error: Error | null;
  onSubmit: (input: AthleteInput) => void;
}

/** Everything a coach writes down about an athlete. The server reads the height; it asks back when it could be two. */
export function AthleteForm({ newcomer = false, initial, action, pending, error, onSubmit }: Props) {
  const [form] = Form.useForm<AthleteInput>();
  const birthYear = Form.useWatch('birthYear', form);
  const terms = useAthleteTerms().data;
  const elsewhere = useRefused(form, error);
  return (
    <Form<AthleteInput>
      form={form}
      {...(newcomer ? { name: NEWCOMER } : {})}
      layout="vertical"
      requiredMark="optional"
      initialValues={initial}
      onFinish={(values) =>
        onSubmit({
          ...values,
          birthYear: values.birthYear ?? null,
          cautions: values.cautions ?? [],
          cautionNote: values.cautionNote ?? '',
          measuredOn: values.measuredOn || null,
          guardianConsent: values.guardianConsent ?? false,
        })
      }
      className={styles.form}
    >
      <div className={styles.pair}>
        <Form.Item
          name="name"
          label="Name"
          rules={[{ required: true, whitespace: true, message: 'A name, as you call them' }]}
        >
          <Input size="large" autoComplete="off" maxLength={80} />
        </Form.Item>
        <Form.Item
          name="height"
          label="Height"
          extra={'175, 1.75 m, 5\'9" or 5 ft 9'}
          rules={[{ required: true, message: 'A height, like 175 or 5\'9"' }]}
        >
          <Input size="large" autoComplete="off" />
        </Form.Item>
      </div>
      <div className={styles.pair}>
        <Form.Item name="experience" label="Experience" required>
          <Radio.Group
            options={optionsOf(terms?.experiences)}
            optionType="button"
            buttonStyle="solid"
            className={styles.choices ?? ''}
          />
        </Form.Item>
        <Form.Item name="dominantHand" label="Dominant hand" required>
          <Radio.Group
            options={optionsOf(terms?.hands)}
            optionType="button"
            buttonStyle="solid"
            className={styles.choices ?? ''}
          />
        </Form.Item>
      </div>
      <div className={styles.pair}>
        {newcomer ? (
          <Form.Item name="cautions" label="Anything that matters before jumping">
            <Select
              mode="multiple"
              size="large"
              options={optionsOf(terms?.cautions)}
              allowClear
              placeholder="none"
              optionFilterProp="label"
            />
          </Form.Item>
        ) : (
          <Form.Item name="measuredOn" label="Height measured on" extra="Empty: today">
            <Input size="large" type="date" style={{ width: 180 }} />
          </Form.Item>
        )}
        <div>
          <Form.Item name="birthYear" label="Birth year">
            <InputNumber
              size="large"
              {...(terms === undefined ? {} : { min: terms.leastBirthYear, max: terms.mostBirthYear })}
              controls={false}
              style={{ width: 140 }}
            />
          </Form.Item>
          {typeof birthYear === 'number' && (
            <Form.Item name="guardianConsent" valuePropName="checked">
              <Checkbox>Under 18: a guardian agrees to what is kept here</Checkbox>
            </Form.Item>
          )}
        </div>
      </div>
      {newcomer && (
        <Form.Item name="cautionNote" label="Note for coaches" extra="Helpers never see this.">
          <Input.TextArea rows={2} maxLength={500} />
        </Form.Item>
      )}
      {elsewhere !== null && (
        <p role="alert" className={styles.refused}>
          {elsewhere}
        </p>
      )}
      {newcomer ? (
        <AtThumb>
          <Button type="primary" size="large" htmlType="submit" form={NEWCOMER} loading={pending} block>
            {action}
          </Button>
        </AtThumb>
      ) : (
        <Button type="primary" size="large" htmlType="submit" loading={pending}>
          {action}
        </Button>
      )}
    </Form>
  );
}

function optionsOf<Code extends string>(terms: readonly { code: Code; name: string }[] | undefined) {
  return (terms ?? []).map(({ code, name }) => ({ value: code, label: name }));
}
