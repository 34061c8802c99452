import { Button, Progress } from 'antd';
import { isMoving, useDecideImport, type Import } from '../../../api/exchange';
import { Card } from '../../../design/page/Card';
import { AtThumb } from '../../../design/page/AtThumb';
import styles from './Exchange.module.css';

type Count = Import['counts'][number];

const sum = (counts: Count[], what: 'add' | 'change' | 'same') =>
  counts.reduce((total, count) => total + count[what], 0);

/** The state as a sentence. */
export function titleOf(one: Import): string {
  const add = sum(one.counts, 'add');
  const change = sum(one.counts, 'change');
  switch (one.state) {
    case 'waiting':
    case 'reading':
      return 'The file is being read';
    case 'preview':
      return add + change === 0 ? 'Nothing new in the file' : `The file has ${news(add, change)}`;
    case 'agreed':
    case 'writing':
      return 'The file is being imported';
    case 'done':
      return add + change === 0 ? 'Nothing had to change' : `Brought in: ${news(add, change)}`;
    case 'refused':
    case 'failed':
      return (
        one.fault ?? `Nothing was taken: ${one.errorCount === 1 ? 'one error' : `${one.errorCount} errors`}`
      );
    case 'cancelled':
      return 'Cancelled: nothing was changed';
  }
}

function news(add: number, change: number): string {
  return [add > 0 && `${add} new`, change > 0 && `${change} changed`].filter(Boolean).join(', ');
}

/** How far an import is, and what is to be decided. */
export function ImportState({ one }: { one: Import }) {
  const { agree, callOff } = useDecideImport();
  const error = agree.error ?? callOff.error;
  return (
    <Card strong label="The file">
      {isMoving(one) && (
        <>
          <Progress
            percent={one.total === 0 ? 0 : Math.floor((100 * one.done) / one.total)}
            showInfo={false}
            aria-label="Rows done"
          />
          <p role="status">{one.total === 0 ? 'Waiting for its turn' : `Row ${one.done} of ${one.total}`}</p>
        </>
      )}
      {one.counts.length > 0 && <Counts counts={one.counts} />}
      {one.errors.length > 0 && <Errors one={one} />}
      {one.state === 'preview' && one.examples.length > 0 && (
        <ul className={styles.errors} aria-label="What changes">
          {one.examples.map((example, i) => (
            <li key={i}>{example}</li>
          ))}
        </ul>
      )}
      <p className={styles.decide}>
        {one.state === 'preview' && sum(one.counts, 'add') + sum(one.counts, 'change') > 0 && (
          <AtThumb>
            <Button type="primary" size="large" loading={agree.isPending} onClick={() => agree.mutate(one)}>
              Import {news(sum(one.counts, 'add'), sum(one.counts, 'change'))}
            </Button>
          </AtThumb>
        )}
        {(isMoving(one) || one.state === 'preview') && (
          <Button size="large" loading={callOff.isPending} onClick={() => callOff.mutate(one)}>
            Cancel the import
          </Button>
        )}
      </p>
      {error !== null && <p role="alert">{error.message}</p>}
    </Card>
  );
}

function Counts({ counts }: { counts: Count[] }) {
  return (
    <table className={styles.counts}>
      <thead>
        <tr>
          <th scope="col">table</th>
          <th scope="col">new</th>
          <th scope="col">changed</th>
          <th scope="col">there already</th>
        </tr>
      </thead>
      <tbody>
        {counts.map((count) => (
          <tr key={count.table}>
            <th scope="row">{count.table}</th>
            <td>{count.add}</td>
            <td>{count.change}</td>
            <td>{count.same}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Errors({ one }: { one: Import }) {
  const more = one.errorCount - one.errors.length;
  return (
    <div role="alert">
      <h2>What to correct in the file</h2>
      <ul className={styles.errors}>
        {one.errors.map((error, i) => (
          <li key={i}>{error.message}</li>
        ))}
        {more > 0 && <li>and {more} more</li>}
      </ul>
    </div>
  );
}
