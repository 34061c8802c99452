import { Button, Input } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { useFirstRopes, useKeepFirstRopes, type FirstRope } from '../../../api/athleteList';
import { useMayChange, useMe, useUnit } from '../../../api/session';
import { AtThumb } from '../../../design/page/AtThumb';
import { Card } from '../../../design/page/Card';
import { Failed, Loading } from '../../../design/page/StateNote';
import { Workbench } from '../../../design/page/Workbench';
import { newId } from '../../../lib/ids';
import { formatLength, type LengthUnit } from '../../../lib/units';
import { useSettled } from '../../../lib/useSettled';
import { RopesNav } from '../RopesNav';
import styles from './FirstRopesPage.module.css';

const RESTS_MS = 350;

/** Everybody's first rope on one page; kept by one touch, then handed out from the rack or cut from a coil. */
export function FirstRopesPage() {
  const unit = useUnit();
  const gyms = useMe().data?.gym?.handleM ?? null;
  const [said, setSaid] = useState<string>();
  const typed = said ?? (gyms === null ? '' : formatLength(gyms, unit));
  const handle = useSettled(typed.trim(), RESTS_MS);
  const ropes = useFirstRopes(handle);
  const [kept, setKept] = useState<readonly FirstRope[]>([]);
  if (ropes.isPending) {
    return <Loading what="the ropes" />;
  }
  if (ropes.isError && ropes.data === undefined && typed === '') {
    return <Failed error={ropes.error} onRetry={() => void ropes.refetch()} />;
  }
  const sized = ropes.data ?? [];
  const shown = kept.length > 0 ? kept : sized;
  return (
    <Workbench
      title={titleOf(sized.length, kept.length)}
      nav={<RopesNav />}
      decision={
        kept.length > 0 ? (
          <Next kept={kept} />
        ) : (
          <Keep
            sized={sized}
            handle={handle}
            field={
              <label className={styles.handle}>
                Length of one handle of these ropes, where it is not known
                <Input
                  size="large"
                  value={typed}
                  placeholder={formatLength(0.15, unit)}
                  aria-label="Length of one handle"
                  onChange={(event) => setSaid(event.target.value)}
                />
              </label>
            }
            error={ropes.error}
            onKept={setKept}
          />
        )
      }
    >
      {shown.length === 0 ? (
        <p>
          Whoever is here has a rope. <Link to="/ropes">To the ropes</Link>
        </p>
      ) : (
        <Sizes ropes={shown} unit={unit} />
      )}
    </Workbench>
  );
}

function titleOf(sized: number, kept: number): string {
  if (kept > 0) {
    return kept === 1 ? 'One rope is kept' : `${kept} ropes are kept`;
  }
  return sized === 0
    ? 'Everybody has a rope'
    : `${sized === 1 ? 'One rope is' : `${sized} ropes are`} sized, none kept yet`;
}

interface KeepProps {
  sized: FirstRope[];
  handle: string;
  field: React.ReactNode;
  error: Error | null;
  onKept: (kept: FirstRope[]) => void;
}

function Keep({ sized, handle, field, error, onKept }: KeepProps) {
  const mayChange = useMayChange();
  const open = sized.some((rope) => rope.cableM === null);
  const keep = useKeepFirstRopes();
  const [id] = useState(newId);
  const all = () =>
    keep.mutate(
      { id, handle, athletes: sized.map((rope) => rope.athleteId) },
      { onSuccess: () => onKept(sized) },
    );
  return (
    <Card strong label="Keep them">
      {field}
      {(error ?? keep.error) !== null && <p role="alert">{(error ?? keep.error)?.message}</p>}
      {mayChange && sized.length > 0 && (
        <AtThumb>
          <Button
            type="primary"
            size="large"
            block
            loading={keep.isPending}
            disabled={error !== null || open}
            onClick={all}
          >
            {sized.length === 1 ? 'Keep this rope' : `Keep these ${sized.length} ropes`}
          </Button>
        </AtThumb>
      )}
      {open && <p>A cable is known once its handles are: measure one of yours, from end to end.</p>}
      <p className={styles.quiet}>
        Each is sized by the school of its stage, from the height alone: whoever is taped at the armpit later
        gets a closer one. Every rope can be changed by hand.
      </p>
    </Card>
  );
}

/** Where the ropes come from. */
function Next({ kept }: { kept: readonly FirstRope[] }) {
  const whom = kept.map((rope) => rope.athleteId).join(',');
  return (
    <Card strong label="What comes next">
      <h2>Where do they come from?</h2>
      <div className={styles.next}>
        <Link to={`/ropes/cut?for=${whom}`}>
          <Button type="primary" size="large" block>
            Cut them from a coil: the cut list
          </Button>
        </Link>
        <Link to="/ropes/rack">
          <Button size="large" block>
            Hand out from the rack
          </Button>
        </Link>
      </div>
    </Card>
  );
}

function Sizes({ ropes, unit }: { ropes: readonly FirstRope[]; unit: LengthUnit }) {
  return (
    <Card label="Sizes">
      <div className={styles.scroll}>
        <table className={styles.table}>
          <thead>
            <tr>
              <th scope="col">Athlete</th>
              <th scope="col">Height</th>
              <th scope="col">Cable</th>
              <th scope="col">With handles</th>
              <th scope="col">Sized by</th>
            </tr>
          </thead>
          <tbody>
            {ropes.map((rope) => (
              <tr key={rope.athleteId}>
                <th scope="row">
                  <Link to={`/ropes/${rope.athleteId}`}>{rope.name}</Link>
                </th>
                <td>{formatLength(rope.heightM, unit)}</td>
                <td>
                  <strong>
                    {rope.cableM === null ? 'ask for the handles' : formatLength(rope.cableM, unit)}
                  </strong>
                </td>
                <td>{rope.overallM === null ? '' : formatLength(rope.overallM, unit)}</td>
                <td className={styles.quiet}>
                  {rope.schoolName.toLowerCase()}, {rope.stanceName.toLowerCase()},{' '}
                  {rope.familyName.toLowerCase()}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </Card>
  );
}
