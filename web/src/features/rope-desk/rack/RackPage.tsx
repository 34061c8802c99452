import { useState } from 'react';
import { useRack, type RackRope } from '../../../api/rack';
import { useMayChange, useUnit } from '../../../api/session';
import { Fetched } from '../../../design/page/Fetched';
import { Workbench } from '../../../design/page/Workbench';
import { RackEditor } from './RackEditor';
import { RackList } from './RackList';
import { RopesNav } from '../RopesNav';
import { TonightTable } from './TonightTable';

/** The shared ropes: what hangs there, and who gets which tonight. */
export function RackPage() {
  const rack = useRack();
  return (
    <Fetched fetch={rack} place="Rack" what="the rack">
      {(ropes) => <RackOf ropes={ropes} />}
    </Fetched>
  );
}

function RackOf({ ropes }: { ropes: RackRope[] }) {
  const [chosen, setChosen] = useState<string>();
  const unit = useUnit();
  const mayChange = useMayChange();
  const rope = ropes.find((one) => one.id === chosen);
  return (
    <Workbench
      title={titleOf(ropes)}
      nav={<RopesNav />}
      decisionFirst={rope !== undefined}
      decision={
        <RackEditor
          key={rope === undefined ? 'new' : `${rope.id} ${rope.version}`}
          rope={rope}
          unit={unit}
          mayChange={mayChange}
          onDone={() => setChosen(undefined)}
        />
      }
    >
      <TonightTable ropes={ropes} unit={unit} mayChange={mayChange} />
      <RackList ropes={ropes} unit={unit} chosen={chosen} onChoose={setChosen} />
    </Workbench>
  );
}

function titleOf(ropes: RackRope[]): string {
  const failed = ropes.filter((rope) => !rope.inspection.safe).length;
  if (ropes.length === 0) {
    return 'Nothing hangs on the rack yet';
  }
  const count = ropes.length === 1 ? 'One shared rope' : `${ropes.length} shared ropes`;
  return failed === 0 ? `${count}, all sound` : `${count}, ${failed} not to be given out`;
}
