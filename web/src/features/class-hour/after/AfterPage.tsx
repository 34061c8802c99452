import { Button } from 'antd';
import { Link } from 'react-router';
import { useAfter, useConfirmAfter, type After } from '../../../api/after';
import { href } from '../../../api/client';
import { useMayChange } from '../../../api/session';
import { ClassNav } from '../../../design/frame/ClassNav';
import { AtThumb } from '../../../design/page/AtThumb';
import { Card } from '../../../design/page/Card';
import { Dressed } from '../../../design/page/Dressed';
import { Facts } from '../../../design/page/Facts';
import { Fetched } from '../../../design/page/Fetched';
import { Empty } from '../../../design/page/StateNote';
import { Workbench } from '../../../design/page/Workbench';
import styles from './AfterPage.module.css';

/** After class: who did what, what is new, what changes next time; confirmed with one touch. */
export function AfterPage() {
  const mayChange = useMayChange();
  const after = useAfter();
  if (!mayChange) {
    return (
      <Workbench title="After class is for coaches" nav={<ClassNav />}>
        <Empty>Helpers see the hall and its clock.</Empty>
      </Workbench>
    );
  }
  return (
    <Fetched
      fetch={after}
      place="After"
      what="the class"
      empty={{
        when: ({ rows }) => rows.length === 0,
        page: ({ title }) => (
          <Workbench title={title.sentence} nav={<ClassNav />}>
            <Empty>
              What is logged tonight stands here: <Link to="/class">to the hall</Link>.
            </Empty>
          </Workbench>
        ),
      }}
    >
      {(data) => (
        <Dressed>
          <Page after={data} />
        </Dressed>
      )}
    </Fetched>
  );
}

function Page({ after }: { after: After }) {
  const confirm = useConfirmAfter();
  return (
    <Workbench
      title={after.title.sentence}
      nav={<ClassNav />}
      decision={
        <Card strong label="The class">
          <h2>The class of {after.day}</h2>
          <Facts
            facts={[
              { name: 'Entries', value: after.entries },
              { name: 'Contacts', value: after.contacts.toLocaleString('en-GB') },
              { name: 'Records', value: after.records },
              { name: 'Gates opened', value: after.gates },
            ]}
          />
          {after.idle.length > 0 && <p>Here, and nothing logged: {after.idle.join(', ')}.</p>}
          {after.confirmedBy === null ? (
            <AtThumb>
              <Button
                type="primary"
                size="large"
                block
                loading={confirm.isPending}
                onClick={() => confirm.mutate()}
              >
                All right: the class is over
              </Button>
            </AtThumb>
          ) : (
            <p role="status">
              Looked over by {after.confirmedBy}. The class’s clock and the athletes’ link are off.
            </p>
          )}
          {confirm.isError && <p role="alert">{confirm.error.message}</p>}
          <div className={`no-print ${styles.out ?? ''}`}>
            <Button size="large" onClick={() => window.print()}>
              Print
            </Button>
            <a href={href('/api/class-after/csv')} download>
              As CSV
            </a>
          </div>
        </Card>
      }
    >
      <div className={styles.scroll}>
        <table className={styles.table}>
          <thead>
            <tr>
              <th scope="col">Athlete</th>
              <th scope="col">Did</th>
              <th scope="col">Contacts</th>
              <th scope="col">New</th>
              <th scope="col">Fault</th>
              <th scope="col">Next time</th>
            </tr>
          </thead>
          <tbody>
            {after.rows.map((row) => (
              <tr key={row.athleteId}>
                <th scope="row">
                  <Link to={`/athletes/${row.athleteId}`}>{row.name}</Link>
                </th>
                <td data-label="Did">{row.did}</td>
                <td data-label="Contacts">{row.contacts}</td>
                <td data-label="New">{newsOf(row)}</td>
                <td data-label="Fault">{row.fault ?? ''}</td>
                <td data-label="Next time">{row.off ?? row.next}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </Workbench>
  );
}

function newsOf(row: After['rows'][number]): string {
  return [
    row.record === null ? null : `record: ${row.record}`,
    row.gateOpened === null ? null : `gate opened: ${row.gateOpened}`,
    row.look?.sentence ?? null,
  ]
    .filter((one) => one !== null)
    .join(' · ');
}
