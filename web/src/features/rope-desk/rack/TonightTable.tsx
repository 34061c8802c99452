import { Button, Select } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import {
  useHandOut,
  useMovePin,
  usePin,
  useTonightsRopes,
  useUnpin,
  type GivenRope,
  type RackRope,
  type TonightWish,
  type TonightsRopes,
} from '../../../api/rack';
import { Failed, Loading } from '../../../design/page/StateNote';
import { useUndoOffer } from '../../../design/log/useUndoOffer';
import { WhereFrom } from '../../../design/page/WhereFrom';
import { newId } from '../../../lib/ids';
import { formatLength, type LengthUnit } from '../../../lib/units';
import styles from './TonightTable.module.css';
import { WhoAndHow } from './WhoAndHow';
import { AtThumb } from '../../../design/page/AtThumb';

interface Props {
  ropes: RackRope[];
  unit: LengthUnit;
  mayChange: boolean;
}

/** Who takes which shared rope tonight and why; a pin overrules, and everybody else is solved again around it. */
export function TonightTable({ ropes, unit, mayChange }: Props) {
  const [wish, setWish] = useState<TonightWish>({});
  const tonight = useTonightsRopes(wish);
  if (tonight.data === undefined) {
    return tonight.isError ? (
      <Failed error={tonight.error} onRetry={() => void tonight.refetch()} />
    ) : (
      <Loading what="tonight’s ropes" />
    );
  }
  const { given, toBuyM } = tonight.data;
  if (given.length === 0) {
    return (
      <>
        <WhoAndHow wish={wish} onWish={setWish} />
        <p>Everybody has a sound rope of their own: nothing is needed from the rack.</p>
      </>
    );
  }
  return (
    <section aria-label="Tonight" className={styles.tonight}>
      <h2>
        Tonight
        <WhereFrom of="who gets which">{tonight.data.givingSource}</WhereFrom>
      </h2>
      <WhoAndHow wish={wish} onWish={setWish} />
      <table>
        <thead>
          <tr>
            <th scope="col">Athlete</th>
            <th scope="col">
              Wants
              <WhereFrom of="the length wanted">{tonight.data.idealSource}</WhereFrom>
            </th>
            <th scope="col">Gets</th>
            <th scope="col">Why</th>
            {mayChange && <th scope="col">Pin</th>}
          </tr>
        </thead>
        <tbody>
          {given.map((one) => (
            <tr key={one.athleteId}>
              <th scope="row">
                <Link to={`/ropes/${one.athleteId}`}>{one.firstName}</Link>
              </th>
              <td>{formatLength(one.idealM, unit)}</td>
              <td>
                <b>{one.tag ?? 'none'}</b>
              </td>
              <td className={styles.why}>{one.reasons.map((reason) => reason.sentence).join(' ')}</td>
              {mayChange && (
                <td>
                  <PinChoice given={one} ropes={ropes} />
                </td>
              )}
            </tr>
          ))}
        </tbody>
      </table>
      {toBuyM.length > 0 && (
        <p>
          <strong>To buy or cut:</strong> {toBuyM.map((metres) => formatLength(metres, unit)).join(', ')}.
        </p>
      )}
      <HandOutButton tonight={tonight.data} />
    </section>
  );
}

/** Pins a rope to somebody, or takes the pin out. */
function PinChoice({ given, ropes }: { given: GivenRope; ropes: RackRope[] }) {
  const pin = usePin();
  const move = useMovePin();
  const unpin = useUnpin();
  const choose = (rackRopeId: string) => {
    const old = given.pin;
    if (old === null) {
      pin.mutate({ id: newId(), pair: { athleteId: given.athleteId, rackRopeId } });
      return;
    }
    const change = { mutationId: newId(), version: old.version };
    if (rackRopeId === '') {
      unpin.mutate({ id: old.id, change });
    } else {
      move.mutate({ id: old.id, rackRopeId, change });
    }
  };
  const error = pin.error ?? move.error ?? unpin.error;
  return (
    <>
      <Select
        aria-label={`Pin a rope to ${given.firstName}`}
        className={styles.pin ?? ''}
        value={given.pin?.rackRopeId ?? ''}
        onChange={choose}
        options={[
          { value: '', label: 'computed' },
          ...ropes
            .filter((rope) => rope.inspection.safe)
            .map((rope) => ({ value: rope.id, label: `pin ${rope.tag}` })),
        ]}
      />
      {error !== null && (
        <p role="alert" className={styles.refused}>
          {error.message}
        </p>
      )}
    </>
  );
}

function HandOutButton({ tonight }: { tonight: TonightsRopes }) {
  const handOut = useHandOut();
  const offerUndo = useUndoOffer();
  const pairs = pairsOf(tonight, 'rackRopeId');
  const before = pairsOf(tonight, 'writtenRopeId');
  const give = () =>
    handOut.mutate(
      { id: newId(), pairs },
      {
        onSuccess: () =>
          offerUndo({
            key: 'night',
            title: 'Handed out: the same ropes are proposed next time',
            onUndo: () => handOut.mutate({ id: newId(), pairs: before }),
          }),
      },
    );
  return (
    <>
      {handOut.error !== null && (
        <p role="alert" className={styles.refused}>
          {handOut.error.message}
        </p>
      )}
      <AtThumb>
        <Button
          type="primary"
          loading={handOut.isPending}
          disabled={pairs.length === 0 || tonight.handedOut}
          onClick={give}
        >
          {tonight.handedOut
            ? 'Handed out'
            : `Hand out ${pairs.length} ${pairs.length === 1 ? 'rope' : 'ropes'}`}
        </Button>
      </AtThumb>
    </>
  );
}

/** Who gets which rope by the computation, or by what is written down. */
function pairsOf({ given }: TonightsRopes, which: 'rackRopeId' | 'writtenRopeId') {
  return given.flatMap((one) => {
    const rackRopeId = one[which];
    return rackRopeId === null ? [] : [{ athleteId: one.athleteId, rackRopeId }];
  });
}
