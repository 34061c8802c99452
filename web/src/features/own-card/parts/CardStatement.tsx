import { useCardStatement, type OwnCard } from '../../../api/ownCard';
import { StatementForm } from '../../../design/health/StatementForm';
import { Card } from '../../../design/page/Card';
import { dayText } from '../../../lib/days';
import type { WayIn } from '../../../lib/wayIn';

interface Props {
  link: WayIn;
  card: OwnCard;
  flag: OwnCard['flags'][number];
}

/** What only a professional's word lifts, and the one who may state it: the athlete, or the guardian of one under 18. */
export function CardStatement({ link, card, flag }: Props) {
  const state = useCardStatement(link);
  const mine = card.holder === 'guardian' || !card.minor;
  return (
    <Card label="Your statement">
      <h2>Has a professional cleared it?</h2>
      <p>
        On {dayText(flag.since)} this was noted: <b>{flag.name}</b>. Jumping stays off until a doctor or
        another professional has cleared it. Your coach can’t lift this.
      </p>
      {mine ? (
        <StatementForm
          sending={state.isPending}
          error={state.error}
          onState={(statement) =>
            state.mutate({
              id: flag.id,
              version: flag.version,
              statement: { ...statement, statedBy: card.holder },
            })
          }
        />
      ) : (
        <p role="note">You are under 18: your guardian states it, on their own card or with your coach.</p>
      )}
    </Card>
  );
}
