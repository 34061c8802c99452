import { Button } from 'antd';
import { useNavigate } from 'react-router';
import { useCardWrites } from '../../../api/ownCard';
import { Doorstep } from '../../../design/frame/Doorstep';
import { CARD_PATH, forgetCardLink } from '../../../lib/cardOnPhone';
import type { WayIn } from '../../../lib/wayIn';
import styles from '../card.module.css';

/** The link opens nothing any more: nothing it showed is left, and what was not taken stays in sight. */
export function CardEnded({ said, link }: { said: string; link: WayIn }) {
  const { waiting, drop } = useCardWrites(link);
  const navigate = useNavigate();
  return (
    <Doorstep title="This card has ended" promise={said}>
      {waiting.length > 0 && (
        <>
          <h2>Not in the log</h2>
          <ul className={styles.sent}>
            {waiting.map((write) => (
              <li key={write.order}>
                <span className={styles.refused}>
                  {write.said}: {write.refused === undefined ? 'not sent yet' : `not taken. ${write.refused}`}
                </span>
                <button type="button" className="touch" onClick={() => drop(write.order ?? -1)}>
                  Put away
                </button>
              </li>
            ))}
          </ul>
        </>
      )}
      <Button
        size="large"
        onClick={() => {
          forgetCardLink();
          void navigate(CARD_PATH);
        }}
      >
        I have a new link
      </Button>
    </Doorstep>
  );
}
