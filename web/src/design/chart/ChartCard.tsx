import { useId, useState, type ReactNode } from 'react';
import { csvOf, saveFile, type Cell } from '../../lib/csv';
import { Card } from '../page/Card';
import { PlainButton } from '../page/PlainButton';
import tables from '../page/DataTable.module.css';
import { useWidth } from './useWidth';
import styles from './ChartCard.module.css';

export interface ChartTable {
  head: string[];
  rows: Cell[][];
}

interface Props {
  title: string;
  /** What the picture shows, in a sentence. */
  said: string;
  /** The same as numbers. */
  table: ChartTable;
  /** Of the files: "longest-goes". */
  file: string;
  /** Draws itself as wide as there is room; nothing: there is nothing to draw yet. */
  children: ((width: number) => ReactNode) | null;
}

/** A picture with its sentence, its table, and both as files. */
export function ChartCard({ title, said, table, file, children }: Props) {
  const [place, width] = useWidth<HTMLDivElement>();
  const heading = useId();
  // Hundreds of cells that nobody looks at would hold the picture up.
  const [asked, ask] = useState(false);
  return (
    <Card>
      <section aria-labelledby={heading}>
        <div className={styles.head}>
          <h2 id={heading}>{title}</h2>
          {children !== null && (
            <span className="no-print">
              <PlainButton onClick={() => saveSvg(place.current, file)}>SVG</PlainButton>{' '}
              <PlainButton onClick={() => saveFile(`${file}.csv`, 'text/csv', csvOf(table.head, table.rows))}>
                CSV
              </PlainButton>
            </span>
          )}
        </div>
        <p className={styles.said}>{said}</p>
        <div ref={place} className={styles.chart}>
          {children?.(width)}
        </div>
        {children !== null && (
          <details className={styles.table}>
            <summary onClick={() => ask(true)}>As a table</summary>
            {asked && <Numbers table={table} />}
          </details>
        )}
      </section>
    </Card>
  );
}

function Numbers({ table }: { table: ChartTable }) {
  return (
    <table className={tables.table}>
      <thead>
        <tr>
          {table.head.map((name) => (
            <th key={name} scope="col">
              {name}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {table.rows.map((row, i) => (
          <tr key={i}>
            {row.map((cell, at) => (
              <td key={table.head[at] ?? at}>{cell ?? '–'}</td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function saveSvg(place: HTMLElement | null, file: string): void {
  const drawn = place?.querySelector('svg');
  if (drawn !== null && drawn !== undefined) {
    saveFile(`${file}.svg`, 'image/svg+xml', svgText(drawn));
  }
}

/** As it stands on the screen; colours and letters are attributes, so that it needs no style sheet. */
export function svgText(drawn: SVGSVGElement): string {
  return new XMLSerializer().serializeToString(drawn);
}
