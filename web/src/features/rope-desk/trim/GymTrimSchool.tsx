import { Select } from 'antd';
import { useRopeTerms } from '../../../api/ropes';
import { useMe } from '../../../api/session';
import { useChangeSettings } from '../../../api/ownGym';
import type { TrimSchool } from '../../../api/trim';
import { Card } from '../../../design/page/Card';
import { ChoiceField } from '../../../design/form/FieldStack';
import { newId } from '../../../lib/ids';
import styles from '../size/RopeDecision.module.css';

const schools: { value: TrimSchool; label: string }[] = [
  { value: 'start-long', label: 'Start long, trim in small steps' },
  { value: 'goal-length', label: 'Goal length from day one' },
];

/** How this gym comes to the length its athletes keep; an owner may change it, and an athlete may have another. */
export function GymTrimSchool() {
  const { coach, gym } = useMe().data ?? {};
  const choose = useChangeSettings();
  const terms = useRopeTerms().data;
  if (gym == null || coach == null) {
    return null;
  }
  return (
    <Card label="Trim school of the gym">
      <h2>How this gym sizes</h2>
      <ChoiceField
        label="Trim school of the gym"
        disabled={coach.role !== 'owner' || choose.isPending}
        options={schools}
        value={gym.trimSchool}
        onChange={(trimSchool) =>
          choose.mutate({ trimSchool, change: { mutationId: newId(), version: gym.version } })
        }
      />
      <label style={{ display: 'block', marginTop: 10 }}>
        Sizing method for beginners and guests
        <Select
          aria-label="Sizing method for beginners"
          style={{ display: 'block' }}
          disabled={coach.role !== 'owner' || choose.isPending}
          value={gym.beginnersSchool}
          options={(terms?.schools ?? []).map(({ code, name }) => ({ value: code, label: name }))}
          onChange={(beginnersSchool) =>
            choose.mutate({
              trimSchool: gym.trimSchool,
              beginnersSchool,
              change: { mutationId: newId(), version: gym.version },
            })
          }
        />
      </label>
      {choose.error !== null && (
        <p role="alert" className={styles.refused}>
          {choose.error.message}
        </p>
      )}
    </Card>
  );
}
