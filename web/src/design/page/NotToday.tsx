import { Card } from './Card';
import styles from './NotToday.module.css';

interface Said {
  code: string;
  sentence: string;
}

export interface NoJumps {
  jumping: 'all' | 'no-jump' | 'nothing';
  reasons: Said[];
  instead: { code: string; title: string; dose: string; cue: string; why: string }[];
}

interface Props {
  allowance: NoJumps;
  name: string;
}

/** In place of whatever has jumps in it: why there are none today, and what can be done instead. */
export function NotToday({ allowance, name }: Props) {
  const [first, ...more] = allowance.reasons;
  return (
    <Card strong label="No jumps today">
      <h2>
        {allowance.jumping === 'nothing' ? `${name} does not train today` : `No jumps today for ${name}`}
      </h2>
      <p role="note" className={styles.first}>
        {first?.sentence}
      </p>
      {more.map((reason) => (
        <p key={reason.code} className={styles.more}>
          {reason.sentence}
        </p>
      ))}
      {allowance.instead.length > 0 && (
        <>
          <h3 className={styles.head}>Instead, without a landing</h3>
          <ul className={styles.list}>
            {allowance.instead.map((drill) => (
              <li key={drill.code}>
                <b>{drill.title}</b> · {drill.dose}
                <span>
                  “{drill.cue}”: {drill.why}
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
      <p className={styles.more}>Zumbo gives no medical advice.</p>
    </Card>
  );
}
