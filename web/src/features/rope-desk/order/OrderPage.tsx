import { Button } from 'antd';
import { useOrderList, type OrderLine } from '../../../api/orders';
import { useUnit } from '../../../api/session';
import { Fetched } from '../../../design/page/Fetched';
import { Empty } from '../../../design/page/StateNote';
import { Workbench } from '../../../design/page/Workbench';
import { formatLength, type LengthUnit } from '../../../lib/units';
import { RopesNav } from '../RopesNav';
import { AtThumb } from '../../../design/page/AtThumb';
import styles from './OrderPage.module.css';

const things = {
  rope: 'Rope',
  cable: 'Cable',
  handles: 'Pair of handles',
  'shared-rope': 'Rope for the rack',
} as const;

/** What athletes and rack need, with why, on one page to be printed. */
export function OrderPage() {
  const list = useOrderList();
  const unit = useUnit();
  return (
    <Fetched
      fetch={list}
      place="Order list"
      what="the order list"
      empty={{
        when: (data) => data.lines.length === 0,
        page: () => (
          <Workbench title="Nothing has to be bought" nav={<RopesNav />}>
            <Empty>Everybody has a sound rope that fits, and the rack serves whoever has none.</Empty>
          </Workbench>
        ),
      }}
    >
      {({ day, lines }) => (
        <Workbench
          title={lines.length === 1 ? 'One thing to order' : `${lines.length} things to order`}
          nav={<RopesNav />}
          decision={
            <div className="no-print">
              <AtThumb>
                <Button type="primary" size="large" block onClick={() => window.print()}>
                  Print the list
                </Button>
              </AtThumb>
            </div>
          }
        >
          <section aria-label="Order list">
            <p className={styles.day}>{day}</p>
            <table className={styles.list}>
              <thead>
                <tr>
                  <th scope="col">What</th>
                  <th scope="col">For</th>
                  <th scope="col">Length</th>
                  <th scope="col">Made of</th>
                  <th scope="col">Why</th>
                </tr>
              </thead>
              <tbody>
                {lines.map((line, i) => (
                  <tr key={`${line.what} ${line.for} ${i}`}>
                    <td>{things[line.what]}</td>
                    <th scope="row">{line.for}</th>
                    <td>{lengthOf(line, unit)}</td>
                    <td>{line.familyName ?? 'any'}</td>
                    <td>
                      {line.why.sentence}
                      {line.care !== null && ` ${line.care.sentence}`}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </section>
        </Workbench>
      )}
    </Fetched>
  );
}

/** The cable; where the handles are not known the overall length; of handles alone neither. */
function lengthOf(line: OrderLine, unit: LengthUnit): string {
  if (line.cableLengthM !== null) {
    return `${formatLength(line.cableLengthM, unit)} of cable`;
  }
  return line.overallLengthM === null ? '' : `${formatLength(line.overallLengthM, unit)} overall`;
}
