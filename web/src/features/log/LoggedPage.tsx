import { Button } from 'antd';
import { useCallback, useState } from 'react';
import { useSearchParams } from 'react-router';
import { loggedFile, useLogged, type EntrySearch } from '../../api/logged';
import { LogNav } from '../../design/frame/LogNav';
import { Card } from '../../design/page/Card';
import { Empty, Failed, Loading } from '../../design/page/StateNote';
import { useFloor } from '../../design/page/useMedia';
import { Workbench } from '../../design/page/Workbench';
import { ChosenEntries } from './parts/ChosenEntries';
import { LogFilters } from './parts/LogFilters';
import { LoggedRows } from './parts/LoggedRows';
import styles from './logged.module.css';

const none: ReadonlySet<string> = new Set();

/** Log › Entries: everything that was logged, by whom and when, with its sums, and as a table. */
export function LoggedPage() {
  const [query, setQuery] = useSearchParams();
  const word = (name: keyof EntrySearch) => query.get(name) ?? '';
  const search: EntrySearch = {
    athlete: word('athlete'),
    stage: word('stage'),
    drill: word('drill'),
    by: word('by'),
    own: word('own'),
    fault: word('fault'),
    rope: word('rope'),
    from: word('from'),
    to: word('to'),
  };
  const logged = useLogged(search);
  const entries = logged.data?.pages.flatMap((page) => page.entries);
  const totals = logged.data?.pages[0]?.totals;
  const [chosen, choose] = useState(none);
  const ask = (change: Partial<EntrySearch>) =>
    setQuery(
      Object.fromEntries(Object.entries({ ...search, ...change }).filter(([, asked]) => asked !== '')),
      { replace: true },
    );
  const narrowed = Object.values(search).some((asked) => asked !== '');
  const { hasNextPage, isFetchingNextPage, fetchNextPage } = logged;
  const more = useCallback(() => {
    if (hasNextPage && !isFetchingNextPage) {
      void fetchNextPage();
    }
  }, [hasNextPage, isFetchingNextPage, fetchNextPage]);
  const floor = useFloor();
  const filters = (
    <LogFilters
      search={search}
      faults={logged.data?.pages[0]?.faults ?? []}
      writers={entries?.map(({ entry }) => entry.loggedBy) ?? []}
      onAsk={ask}
      onEverything={() => setQuery({}, { replace: true })}
    />
  );
  const some = entries?.filter(({ entry }) => chosen.has(entry.id)) ?? [];
  return (
    <Workbench
      title={titleOf(totals?.entries, narrowed)}
      nav={<LogNav />}
      subject={
        // By thumb the log itself is what one came for.
        floor ? (
          <details className={styles.fold}>
            <summary>{narrowed ? 'Narrowed down' : 'Narrow it down'}</summary>
            {filters}
          </details>
        ) : (
          filters
        )
      }
      decision={
        some.length > 0 ? (
          <ChosenEntries entries={some} onDone={() => choose(none)} />
        ) : (
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
        )
      }
    >
      {logged.isError && <Failed error={logged.error} onRetry={() => void logged.refetch()} />}
      {logged.isPending && <Loading what="the log" />}
      {entries?.length === 0 && (
        <Empty>{narrowed ? 'Nothing was logged there.' : 'Nothing is logged yet.'}</Empty>
      )}
      {entries !== undefined && entries.length > 0 && (
        <LoggedRows
          entries={entries}
          chosen={chosen}
          onChoose={(id, on) => {
            const next = new Set(chosen);
            if (on) {
              next.add(id);
            } else {
              next.delete(id);
            }
            choose(next);
          }}
          onNearEnd={more}
        />
      )}
      {hasNextPage && (
        <Button block loading={isFetchingNextPage} onClick={more}>
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
