import { Button, Segmented } from 'antd';
import { useState } from 'react';
import { useHandOut, type OwnCards } from '../../../api/ownCard';
import { AtThumb } from '../../../design/page/AtThumb';
import { Card } from '../../../design/page/Card';
import type { WayIn } from '../../../lib/wayIn';
import styles from '../card.module.css';

type Holder = 'athlete' | 'guardian';

const spans = [
  { value: 30, label: '30 days' },
  { value: 90, label: '90 days' },
  { value: 365, label: 'a year' },
];

interface Props {
  athleteId: string;
  cards: OwnCards;
  onMade: (link: WayIn) => void;
}

/** A new link: for whom, and how long it holds. */
export function NewCard({ athleteId, cards, onMade }: Props) {
  const [holder, setHolder] = useState<Holder>(cards.minor ? 'guardian' : 'athlete');
  const [days, setDays] = useState(90);
  const handOut = useHandOut(athleteId, cards.gymId);
  return (
    <Card strong label="A new link">
      <h2>A new link</h2>
      <div className={styles.stack}>
        {cards.minor && (
          <p>
            Under 18: the guardian’s card can state that a professional cleared something, the athlete’s
            can’t.
          </p>
        )}
        <Segmented<Holder>
          size="large"
          block
          aria-label="For whom"
          value={holder}
          onChange={setHolder}
          options={[
            { value: 'athlete', label: 'Athlete' },
            { value: 'guardian', label: 'Guardian' },
          ]}
        />
        <Segmented<number>
          size="large"
          block
          aria-label="Holds for"
          value={days}
          onChange={setDays}
          options={spans}
        />
        {handOut.error !== null && <p role="alert">{handOut.error.message}</p>}
        <AtThumb>
          <Button
            type="primary"
            size="large"
            block
            loading={handOut.isPending}
            onClick={() => handOut.mutate({ holder, days }, { onSuccess: onMade })}
          >
            Make the link
          </Button>
        </AtThumb>
      </div>
    </Card>
  );
}
