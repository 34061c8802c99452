import { Button, Checkbox } from 'antd';
import { useState } from 'react';
import type { Hands, Sizing, Turning } from '../../../api/ropes';
import { RopeArc } from '../../../design/rope/RopeArc';
import arcStyles from '../../../design/rope/RopeArc.module.css';
import { SideArc } from '../../../design/rope/SideArc';
import { WhereFrom } from '../../../design/page/WhereFrom';
import { formatLength, type LengthUnit } from '../../../lib/units';
import type { useMovedHands } from './useMovedHands';
import styles from './BenchPicture.module.css';

interface Props {
  sizing: Sizing;
  /** As the hands are in the usual place. */
  home: Turning;
  handleLengthM: number;
  moved: ReturnType<typeof useMovedHands>;
  unit: LengthUnit;
}

/** The rope in the hands, from the front and from the side; the hands can be dragged, or moved by the arrow keys. */
export function BenchPicture({ sizing, home, handleLengthM, moved, unit }: Props) {
  const [together, setTogether] = useState(true);
  const turning = moved.turning ?? home;
  const hands = moved.hands ?? turning.hands;
  const length = (metres: number) => formatLength(metres, unit);
  const place = (outM: number, heightM: number) => `${length(outM)} out, ${length(heightM)} high`;
  // With both hands at the hips no rope reaches higher.
  const topM = Math.max(sizing.figure.statureM, sizing.figure.handHeightM + turning.cableLengthM / 2) + 0.08;
  const middle = (hands.leftHeightM + hands.rightHeightM) / 2;
  const moveHand = (side: 'left' | 'right', outM: number, heightM: number) => {
    const one =
      side === 'left' ? { leftOutM: outM, leftHeightM: heightM } : { rightOutM: outM, rightHeightM: heightM };
    const both = { leftOutM: outM, leftHeightM: heightM, rightOutM: outM, rightHeightM: heightM };
    moved.move({ ...hands, ...(together ? both : one) });
  };
  const moveBoth = (aheadM: number, heightM: number) =>
    moved.move({ ...raised(hands, heightM - middle), aheadM });
  return (
    <div>
      <div className={styles.tools}>
        <span>Drag the hands, or use the arrow keys.</span>
        <Checkbox checked={together} onChange={(event) => setTogether(event.target.checked)}>
          Both hands together
        </Checkbox>
        <Button size="small" disabled={moved.hands === undefined} onClick={moved.putBack}>
          Put the hands back
        </Button>
      </div>
      <div className={arcStyles.views}>
        <RopeArc
          body={sizing.figure}
          turning={turning}
          hands={hands}
          handleLengthM={handleLengthM}
          topM={topM}
          labels={{
            stature: `${length(sizing.figure.statureM)} tall`,
            hands: `hands at ${length(middle)}`,
            left: place(hands.leftOutM, hands.leftHeightM),
            right: place(hands.rightOutM, hands.rightHeightM),
          }}
          onHand={moveHand}
        />
        <SideArc
          body={sizing.figure}
          side={turning.side}
          aheadM={hands.aheadM}
          heightM={middle}
          topM={topM}
          said={`${length(hands.aheadM)} ahead of the ankles, ${length(middle)} high`}
          onHands={moveBoth}
        />
      </div>
      {moved.refused !== undefined && (
        <p role="alert" className={styles.refused}>
          {moved.refused.message}
        </p>
      )}
      <p className={arcStyles.legend}>
        <span className={arcStyles.legendRope}>
          {turning.atFloor.sentence}
          <WhereFrom of="the spare arc">{sizing.sources.arc}</WhereFrom>
        </span>
        <span className={arcStyles.legendWide}>
          {turning.wideHands.sentence}
          <WhereFrom of="the width penalty">{sizing.sources.wideHands}</WhereFrom>
        </span>
        <span className={arcStyles.legendCeiling}>
          {turning.ceiling.sentence}
          <WhereFrom of="the ceiling">{sizing.sources.ceiling}</WhereFrom>
        </span>
        <span className={arcStyles.legendMore}>
          {turning.side.meets.sentence}
          <WhereFrom of="the place on the floor">{sizing.sources.ahead}</WhereFrom>
        </span>
        <span className={arcStyles.legendMore}>
          {turning.unevenHands.sentence}
          <WhereFrom of="the price of raised hands">{sizing.sources.raisedHands}</WhereFrom>
        </span>
      </p>
    </div>
  );
}

function raised(hands: Hands, byM: number): Hands {
  return { ...hands, leftHeightM: hands.leftHeightM + byM, rightHeightM: hands.rightHeightM + byM };
}
