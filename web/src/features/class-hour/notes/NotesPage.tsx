import { Button } from 'antd';
import { useNotes, type Note } from '../../../api/notes';
import { useMayChange } from '../../../api/session';
import { Card } from '../../../design/page/Card';
import { Empty, Failed, Loading } from '../../../design/page/StateNote';
import { Workbench } from '../../../design/page/Workbench';
import { OneNote } from './OneNote';
import { NoteForm } from './NoteForm';
import styles from '../pages.module.css';

/** What coaches want to remember of their evenings: tonight's to write, the earlier ones to read. */
export function NotesPage() {
  const mayChange = useMayChange();
  const notes = useNotes(mayChange);
  if (!mayChange) {
    return (
      <Workbench title="Notes of the evening">
        <p>Notes are for coaches: they may be about somebody’s health.</p>
      </Workbench>
    );
  }
  const pages = notes.data?.pages ?? [];
  const today = pages[0]?.today;
  const days = byDay(pages.flatMap((page) => page.notes));
  return (
    <Workbench
      title="Notes of the evening"
      decisionFirst
      decision={
        <Card strong label="A note of tonight">
          <h2>What to remember of tonight</h2>
          <NoteForm />
        </Card>
      }
    >
      {notes.isError && <Failed error={notes.error} onRetry={() => void notes.refetch()} />}
      {notes.isPending && <Loading what="the notes" />}
      {notes.data !== undefined && days.length === 0 && (
        <Empty>Nothing was noted yet: what went well, what was missing, what comes next time.</Empty>
      )}
      <div className={styles.days}>
        {days.map(({ day, notes: of }) => (
          <Card key={day} label={dayInWords(day, today)}>
            <h2>{dayInWords(day, today)}</h2>
            {of.map((note) => (
              <OneNote key={note.id} note={note} />
            ))}
          </Card>
        ))}
        {notes.hasNextPage && (
          <Button loading={notes.isFetchingNextPage} onClick={() => void notes.fetchNextPage()}>
            Earlier evenings
          </Button>
        )}
      </div>
    </Workbench>
  );
}

function byDay(notes: readonly Note[]): { day: string; notes: Note[] }[] {
  return [...new Set(notes.map(({ localDay }) => localDay))].map((day) => ({
    day,
    notes: notes.filter(({ localDay }) => localDay === day),
  }));
}

function dayInWords(day: string, today: string | undefined): string {
  return day === today
    ? 'Tonight'
    : new Date(`${day}T12:00:00Z`).toLocaleDateString('en-GB', {
        weekday: 'long',
        day: 'numeric',
        month: 'long',
        year: 'numeric',
      });
}
