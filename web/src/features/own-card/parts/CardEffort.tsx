import { Button } from 'antd';
import { useState } from 'react';
import type { OwnCard, useCardWrites } from '../../../api/ownCard';
import { EffortPad } from '../../../design/health/EffortPad';
import { Card } from '../../../design/page/Card';
import { sayEffort, USUAL_SESSION_MIN } from '../../../lib/effortWords';
import styles from '../card.module.css';

type Say = ReturnType<typeof useCardWrites>['effort'];

/** How hard it was, by the only one who knows; of one day the last word counts. */
export function CardEffort({ said, onSay }: { said: OwnCard['effort']; onSay: Say }) {
  const [open, setOpen] = useState(false);
  if (open) {
    return (
      <Card label="How hard was it?">
        <EffortPad
          minutes={said?.minutes ?? USUAL_SESSION_MIN}
          onSay={(effort, minutes) => {
            onSay(effort, minutes);
            setOpen(false);
          }}
          onBack={() => setOpen(false)}
        />
      </Card>
    );
  }
  return (
    <p>
      <Button size="large" block onClick={() => setOpen(true)}>
        How hard was today?
      </Button>
      {said !== null && <span className={styles.quiet}>You said {sayEffort(said)}.</span>}
    </p>
  );
}
