import { Select } from 'antd';
import type { EntryList } from '../../../api/entryList';
import { Card } from '../../../design/page/Card';
import styles from '../../../design/list/list.module.css';

interface Props {
  drills: EntryList['drills'];
  drill: string | null;
  onChange: (drill: string) => void;
}

/** What was done in all of the list. */
export function OfWhat({ drills, drill, onChange }: Props) {
  return (
    <Card label="What was done">
      <label className={styles.paste}>
        What was done in it
        <Select
          aria-label="What was done in it"
          placeholder="choose a drill"
          showSearch={{ optionFilterProp: 'label' }}
          {...(drill === null ? {} : { value: drill })}
          options={drills.map(({ code, title, stageName }) => ({
            value: code,
            label: `${stageName}: ${title}`,
          }))}
          onChange={onChange}
        />
      </label>
      <p className={styles.quiet}>
        It counts at that drill’s stage, once an athlete is there. Another drill is another list.
      </p>
    </Card>
  );
}
