import { Button } from 'antd';
import { Link } from 'react-router';
import { useHeightStrip } from '../../../api/rack';
import { useUnit } from '../../../api/session';
import { Fetched } from '../../../design/page/Fetched';
import { Empty } from '../../../design/page/StateNote';
import { Workbench } from '../../../design/page/Workbench';
import { RopesNav } from '../RopesNav';
import { WallStrip } from './WallStrip';
import { AtThumb } from '../../../design/page/AtThumb';

/** The strip for the wall beside the rack, drawn to scale, to be printed. */
export function StripPage() {
  const strip = useHeightStrip();
  const unit = useUnit();
  return (
    <Fetched
      fetch={strip}
      place="Height strip"
      what="the strip"
      empty={{
        when: (strip) => strip.bands.every((band) => band.tag === null),
        page: () => (
          <Workbench title="No strip without shared ropes">
            <Empty>
              Shared ropes come in with an import: <Link to="/gym/files">to the files</Link>.
            </Empty>
          </Workbench>
        ),
      }}
    >
      {({ bands, rule, day }) => (
        <Workbench
          title="Stand against the strip, read the tag, take the rope"
          nav={<RopesNav />}
          decision={
            <div className="no-print">
              <AtThumb>
                <Button type="primary" size="large" block onClick={() => window.print()}>
                  Print the strip
                </Button>
              </AtThumb>
              <p>
                Hang it so that the marks are at their true height: the lowest one{' '}
                {bands[0] === undefined ? '' : Math.round(100 * bands[0].fromM)} cm above the floor. It is
                drawn at a tenth; enlarge it ten times, or carry the marks over with a tape.
              </p>
              <p>For guests and beginners. Whoever stays is sized for a rope of their own.</p>
            </div>
          }
        >
          <WallStrip bands={bands} unit={unit} rule={`${rule.sentence} ${day}`} />
        </Workbench>
      )}
    </Fetched>
  );
}
