import { Link } from 'react-router';
import { useAthleteTerms } from '../../api/athletes';
import { useMayChange } from '../../api/session';
import { useClassStory, type ClassStory } from '../../api/story';
import { ChartCard } from '../../design/chart/ChartCard';
import { PathLines } from '../../design/chart/PathLines';
import { LogNav } from '../../design/frame/LogNav';
import { Card } from '../../design/page/Card';
import { Fetched } from '../../design/page/Fetched';
import { Empty } from '../../design/page/StateNote';
import { Workbench } from '../../design/page/Workbench';
import { dayText } from '../../lib/days';
import { HelpCard } from './parts/HelpCard';
import styles from './story.module.css';

/** Months of the class: who moves, who is stuck, what helps. */
export function ClassStoryPage() {
  const mayChange = useMayChange();
  const story = useClassStory(mayChange);
  const stages = useAthleteTerms().data?.stages.map(({ name }) => name) ?? [];
  if (!mayChange) {
    return (
      <Workbench title="A coach looks over months" nav={<LogNav />}>
        <Empty>What was noted of people’s health is in it: ask a coach of the gym.</Empty>
      </Workbench>
    );
  }
  return (
    <Fetched fetch={story} place="Log" what="the months">
      {(told) => <Told story={told} stages={stages} />}
    </Fetched>
  );
}

type Row = ClassStory['rows'][number];

function Told({ story, stages }: { story: ClassStory; stages: string[] }) {
  const { rows, helps } = story;
  const ropes = rows.filter((row) => row.rope !== null);
  const loads = rows.filter((row) => row.over);
  const stuck = rows.filter((row) => row.moving === 'stuck');
  return (
    <Workbench
      title={story.told.sentence}
      nav={<LogNav />}
      decision={
        <Card strong label="This week">
          <Names
            title="Stuck"
            rows={stuck}
            said={(row) => `at ${row.stageName} since ${dayText(row.since ?? story.on)}`}
            none="Nobody is stuck."
          />
          <Names
            title="Ropes to change"
            rows={ropes}
            said={(row) => row.rope ?? ''}
            none="No rope has to change."
          />
          <Names
            title="More than the weeks before allow"
            rows={loads}
            said={(row) => `${String(row.contacts)} contacts, ${String(row.most)} allowed`}
            none="Nobody."
          />
        </Card>
      }
    >
      <div className={styles.stack}>
        <ChartCard
          title="Everybody on the path, twelve weeks of it"
          said={story.told.sentence}
          table={{
            head: [
              'athlete',
              'stage',
              'since',
              'how',
              'chance of the gate',
              'four weeks ago',
              'contacts this week',
              'rope',
            ],
            rows: rows.map((row) => [
              row.name,
              row.stageName,
              row.since,
              row.movingName,
              tenths(row.chance),
              tenths(row.chanceBefore),
              row.contacts,
              row.rope ?? 'keep it',
            ]),
          }}
          file="class-over-time"
        >
          {rows.length === 0 || stages.length === 0
            ? null
            : (width) => (
                <>
                  <PathLines people={rows} stages={stages} width={width} label={story.told.sentence} />
                  <p className={styles.key}>
                    <span>● moves on</span>
                    <span>■ stuck</span>
                    <span>○ no telling yet</span>
                    <span>◌ away</span>
                    <span>line: from where they were twelve weeks ago</span>
                  </p>
                </>
              )}
        </ChartCard>
        <HelpCard
          title="Of a hundred goes under a cue, so many are better"
          what="cue"
          counted="goes"
          helps={helps}
          said={story.helpsSaid.sentence}
          file="cues-of-the-gym"
        />
        <HelpCard
          title="Of a hundred evenings with a drill, the next one misses less so often"
          what="drill"
          counted="evenings"
          helps={story.drills}
          said={story.drillsSaid.sentence}
          file="drills-of-the-gym"
        />
      </div>
    </Workbench>
  );
}

interface NamesProps {
  title: string;
  rows: Row[];
  said: (row: Row) => string;
  none: string;
}

function Names({ title, rows, said, none }: NamesProps) {
  return (
    <>
      <h2>{title}</h2>
      {rows.length === 0 && <p className={styles.quiet}>{none}</p>}
      <ul className={styles.rows}>
        {rows.map((row) => (
          <li key={row.id}>
            <Link className="touch" to={`/athletes/${row.id}/story`}>
              {row.name}
            </Link>{' '}
            {said(row)}
          </li>
        ))}
      </ul>
    </>
  );
}

function tenths(chance: number | null): string | null {
  return chance === null ? null : `${String(Math.round(10 * chance))} of 10`;
}
