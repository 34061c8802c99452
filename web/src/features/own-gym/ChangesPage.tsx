import { Button } from 'antd';
import { useSearchParams } from 'react-router';
import { useAthletes } from '../../api/athletes';
import { useMe } from '../../api/session';
import { useTrail } from '../../api/trail';
import { PersonPicker } from '../../design/form/PersonPicker';
import { GymNav } from '../../design/frame/GymNav';
import { Card } from '../../design/page/Card';
import { Failed, Loading } from '../../design/page/StateNote';
import { Workbench } from '../../design/page/Workbench';
import { DayOfChanges } from './parts/DayOfChanges';
import { byDay } from './parts/trail';
import styles from './OwnGym.module.css';

/** Who changed what, before and after, by day. */
export function ChangesPage() {
  const me = useMe().data;
  const owner = me?.coach?.role === 'owner';
  const [query, setQuery] = useSearchParams();
  const athlete = query.get('athlete');
  const athletes = useAthletes().data;
  const trail = useTrail(athlete, owner);
  if (me?.gym === undefined || me.gym === null) {
    return <Loading what="your gym" />;
  }
  const unit = me.gym.unit;
  const lines = trail.data?.pages.flatMap((page) => page.lines);
  return (
    <Workbench title={`Who changed what in ${me.gym.name}`} nav={<GymNav />}>
      <div className={styles.stack}>
        {!owner && <p>Owners see who changed what.</p>}
        {owner && (
          <div className={styles.whose}>
            <PersonPicker
              people={athletes ?? []}
              label="Only of one athlete"
              {...(athlete === null ? {} : { value: athlete })}
              onChange={(id) => setQuery({ athlete: id })}
            />
            {athlete !== null && <Button onClick={() => setQuery({})}>Of everybody</Button>}
          </div>
        )}
        {trail.isError && <Failed error={trail.error} onRetry={() => void trail.refetch()} />}
        {owner && trail.isPending && <Loading what="what was changed" />}
        {lines?.length === 0 && (
          <Card label="Nothing yet">
            <p>
              Nothing was changed yet. From now on it stands here who changed an athlete, a rope, a caution or
              a setting, with what stood there before. What is written into the log says itself who wrote it;
              it comes here once somebody changes it or takes it back.
            </p>
          </Card>
        )}
        {byDay(lines ?? []).map(({ day, lines: of }) => (
          <DayOfChanges key={day} day={day} lines={of} unit={unit} />
        ))}
        {trail.hasNextPage && (
          <Button loading={trail.isFetchingNextPage} onClick={() => void trail.fetchNextPage()}>
            What came before
          </Button>
        )}
      </div>
    </Workbench>
  );
}
