import { Button, Input } from 'antd';
import { useSearchParams } from 'react-router';
import { useAthletes } from '../../api/athletes';
import { useEntryLog } from '../../api/entries';
import { loggedFile, useLogged, type EntrySearch, type FoundEntry } from '../../api/logged';
import { FieldStack } from '../../design/form/FieldStack';
import { PersonPicker } from '../../design/form/PersonPicker';
import { LogNav } from '../../design/frame/LogNav';
import { Card } from '../../design/page/Card';
import { PlainButton } from '../../design/page/PlainButton';
import { Empty, Failed, Loading } from '../../design/page/StateNote';
import { Workbench } from '../../design/page/Workbench';
import styles from './LogPage.module.css';

/** Log › Entries: everything that was logged, by whom and when, with its sums, and as a table. */
export function LoggedPage() {
  const [query, setQuery] = useSearchParams();
  const search: EntrySearch = {
    athlete: query.get('athlete') ?? '',
    from: query.get('from') ?? '',
    to: query.get('to') ?? '',
  };
  const athletes = useAthletes().data ?? [];
  const logged = useLogged(search);
  const entries = logged.data?.pages.flatMap((page) => page.entries);
  const totals = logged.data?.pages[0]?.totals;
  const ask = (change: Partial<EntrySearch>) =>
    setQuery(Object.fromEntries(Object.entries({ ...search, ...change }).filter(([, word]) => word !== '')), {
      replace: true,
    });
  const narrowed = search.athlete + search.from + search.to !== '';
  return (
    <Workbench
      title={titleOf(totals?.entries, narrowed)}
      nav={<LogNav />}
      subject={
        <FieldStack>
          <label>
            Athlete
            <PersonPicker
              people={athletes}
              {...(search.athlete === '' ? {} : { value: search.athlete })}
              onChange={(athlete) => ask({ athlete })}
            />
          </label>
          <label>
            From
            <Input type="date" value={search.from} onChange={(event) => ask({ from: event.target.value })} />
          </label>
          <label>
            To
            <Input type="date" value={search.to} onChange={(event) => ask({ to: event.target.value })} />
          </label>
          {narrowed && <Button onClick={() => ask({ athlete: '', from: '', to: '' })}>Everything</Button>}
        </FieldStack>
      }
      decision={
        totals !== undefined &&
        totals !== null && (
          <Card strong label="Sums">
            <h2>
              {totals.reps.toLocaleString('en-GB')} logged, {totals.misses.toLocaleString('en-GB')} missed
            </h2>
            <p>Reps, clean tries and seconds of holds, as they were logged.</p>
            <p>
              <a className="touch" href={loggedFile(search)} download>
                These as CSV
              </a>
            </p>
          </Card>
        )
      }
    >
      {logged.isError && <Failed error={logged.error} onRetry={() => void logged.refetch()} />}
      {logged.isPending && <Loading what="the log" />}
      {entries?.length === 0 && (
        <Empty>{narrowed ? 'Nothing was logged there.' : 'Nothing is logged yet.'}</Empty>
      )}
      {entries !== undefined && entries.length > 0 && <Entries entries={entries} />}
      {logged.hasNextPage && (
        <Button block loading={logged.isFetchingNextPage} onClick={() => void logged.fetchNextPage()}>
          What came before
        </Button>
      )}
    </Workbench>
  );
}

function titleOf(count: number | undefined, narrowed: boolean): string {
  if (count === undefined) {
    return 'The log';
  }
  const entries = `${count.toLocaleString('en-GB')} ${count === 1 ? 'entry' : 'entries'}`;
  return narrowed ? `${entries} of the log` : `The log: ${entries}`;
}

function Entries({ entries }: { entries: FoundEntry[] }) {
  const { undo } = useEntryLog();
  return (
    <ul className={styles.list} aria-label="Entries">
      {entries.map(({ entry, athleteName, work, day, time }) => (
        <li key={entry.id}>
          <p>
            <strong>
              {athleteName}: {entry.sentence}
            </strong>
            {!entry.clean && ', rough'}
            <br />
            {work}, {day} {time}
            {entry.loggedBy !== '' && `, by ${entry.loggedBy}`}
          </p>
          <PlainButton
            onClick={() => undo(entry, `${athleteName} ${entry.sentence}`)}
            aria-label={`Undo ${athleteName} ${entry.sentence}`}
          >
            Undo
          </PlainButton>
        </li>
      ))}
    </ul>
  );
}
