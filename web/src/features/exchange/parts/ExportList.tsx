import { useState } from 'react';
import { useAthletes } from '../../../api/athletes';
import { tableExport, wholeExport } from '../../../api/exchange';
import { Card } from '../../../design/page/Card';
import { PersonPicker } from '../../../design/form/PersonPicker';
import styles from './Exchange.module.css';

const tables = [
  'athletes',
  'statures',
  'cables',
  'ropes',
  'rack',
  'given_ropes',
  'attempts',
  'focuses',
] as const;
const EVERYBODY = { id: '', name: 'Everybody' };

/** The files that can be taken out: all as JSON, or a table as CSV; of everybody or of one. */
export function ExportList() {
  const athletes = useAthletes();
  const [whom, setWhom] = useState('');
  const of = whom === '' ? undefined : whom;
  return (
    <Card label="Export">
      <h2>Export</h2>
      <div className={styles.whom}>
        <PersonPicker people={[EVERYBODY, ...(athletes.data ?? [])]} value={whom} onChange={setWhom} />
      </div>
      <ul className={styles.files}>
        <li>
          <a href={wholeExport(of)} download>
            All of it, JSON
          </a>
        </li>
        {tables.map((table) => (
          <li key={table}>
            <a href={tableExport(table, of)} download>
              {table.replace('_', ' ')}, CSV
            </a>
          </li>
        ))}
      </ul>
      <p>These files hold names and health notes: keep them as you would keep paper.</p>
    </Card>
  );
}
