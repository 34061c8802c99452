import { useParams } from 'react-router';
import { useAthlete, type Athlete } from '../../api/athletes';
import { useMayChange } from '../../api/session';
import { useAthleteStory, type AthleteStory } from '../../api/story';
import { PathNav } from '../../design/frame/PathNav';
import { Card } from '../../design/page/Card';
import { Fetched } from '../../design/page/Fetched';
import { Empty } from '../../design/page/StateNote';
import { Workbench } from '../../design/page/Workbench';
import { dayText } from '../../lib/days';
import { BeatCard } from './parts/BeatCard';
import { CueCard } from './parts/CueCard';
import { EffortCard } from './parts/EffortCard';
import { ForecastCard } from './parts/ForecastCard';
import { GoesCard } from './parts/GoesCard';
import { LoadCard } from './parts/LoadCard';
import { RecordCard } from './parts/RecordCard';
import { StoryCard } from './parts/StoryCard';
import styles from './story.module.css';

/** Months of one athlete: is it working? */
export function AthleteStoryPage() {
  const { id = '' } = useParams();
  const mayChange = useMayChange();
  const athlete = useAthlete(id);
  const story = useAthleteStory(id, mayChange);
  return (
    <Fetched fetch={athlete} place="Story" what="the athlete">
      {(one) =>
        mayChange ? (
          <Fetched fetch={story} place="Story" what="the story">
            {(told) => <Told athlete={one} story={told} />}
          </Fetched>
        ) : (
          <Workbench title="A coach reads stories" nav={<PathNav athleteId={id} />}>
            <Empty>What was noted of {one.name}’s health is in it: ask a coach of the gym.</Empty>
          </Workbench>
        )
      }
    </Fetched>
  );
}

function Told({ athlete, story }: { athlete: Athlete; story: AthleteStory }) {
  const first = athlete.name.split(' ')[0] ?? athlete.name;
  const told = story.told[1] ?? story.told[0];
  return (
    <Workbench
      title={`${first}: ${lowered(told?.sentence ?? '')}`}
      nav={<PathNav athleteId={athlete.id} />}
      decision={story.events.length > 0 && <Happened events={story.events} />}
    >
      <div className={styles.stack}>
        <StoryCard story={story} />
        <GoesCard story={story} />
        <BeatCard story={story} />
        <LoadCard story={story} />
        <EffortCard story={story} />
        <CueCard story={story} />
        <RecordCard story={story} />
        <ForecastCard story={story} />
      </div>
    </Workbench>
  );
}

const SHOWN = 10;

/** What happened beside the goes, the newest first. */
function Happened({ events }: { events: AthleteStory['events'] }) {
  return (
    <Card label="What happened">
      <h2>What happened</h2>
      <ul className={styles.rows}>
        {[...events]
          .reverse()
          .slice(0, SHOWN)
          .map(({ day, text }) => (
            <li key={`${day}${text}`}>
              {text} <span className={styles.quiet}>{dayText(day)}</span>
            </li>
          ))}
      </ul>
    </Card>
  );
}

function lowered(sentence: string): string {
  return sentence.charAt(0).toLowerCase() + sentence.slice(1);
}
