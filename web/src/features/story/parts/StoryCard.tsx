import type { AthleteStory } from '../../../api/story';
import { ChartCard } from '../../../design/chart/ChartCard';
import { StoryLine } from '../../../design/chart/StoryLine';
import styles from '../story.module.css';

const rows = [
  { kinds: ['stage'], name: 'Stages' },
  { kinds: ['rope'], name: 'Rope' },
  { kinds: ['height'], name: 'Height' },
  { kinds: ['pain', 'cleared'], name: 'Pain' },
  { kinds: ['stop', 'pause'], name: 'Pauses' },
];

/** One dated picture: goes, and what happened beside them. */
export function StoryCard({ story }: { story: AthleteStory }) {
  const { sessions, events } = story;
  const shown = rows.filter(({ kinds }) => events.some(({ kind }) => kinds.includes(kind)));
  const table = {
    head: ['day', 'what', 'longest go', 'reps', 'misses'],
    rows: [
      ...sessions.map((one) => [one.day, one.stageName, one.best, one.reps, one.misses]),
      ...events.map((one) => [one.day, one.text, null, null, null]),
    ].sort((a, b) => String(a[0]).localeCompare(String(b[0]))),
  };
  return (
    <ChartCard
      title="Longest go of each practice, and what happened"
      said={story.told.map(({ sentence }) => sentence).join(' ')}
      table={table}
      file="story"
    >
      {sessions.length === 0
        ? null
        : (width) => (
            <>
              <StoryLine
                sessions={sessions}
                marks={events}
                rows={shown}
                until={story.on}
                width={width}
                label={story.told.map(({ sentence }) => sentence).join(' ')}
              />
              <p className={styles.key}>
                <span>■ singles</span>
                <span>● doubles</span>
                <span>▲ a stage on</span>
                <span>× pain, ✓ cleared</span>
                <span>□ stopped, ‖ pause</span>
              </p>
            </>
          )}
    </ChartCard>
  );
}
