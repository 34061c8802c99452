import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Athlete } from '../../../api/athletes';
import { useFocus, type Cue, type Diagnosis, type Noted, type SignCode } from '../../../api/faults';
import { useMayChange } from '../../../api/session';
import { AtThumb } from '../../../design/page/AtThumb';
import { Card } from '../../../design/page/Card';
import { CueLines } from '../../../design/cue/CueLines';
import { newId } from '../../../lib/ids';
import { CheckFirst } from './CheckFirst';

interface Props {
  athlete: Athlete;
  first: string;
  signs: SignCode[];
  found: Diagnosis;
  cue: Cue;
  onChecked: (what: Partial<Noted>) => void;
}

/** The rope first, then one cue, one drill, what to look at, when to step back; and the one action. */
export function Advice({ athlete, first, signs, found, cue, onChecked }: Props) {
  const { give } = useFocus();
  const mayChange = useMayChange();
  // One id for one wish: sending it twice counts once.
  const [wish] = useState(() => new Map<string, string>());
  const { fault } = cue;
  const key = `${fault} ${cue.cue} ${signs.join()}`;
  const attach = () => {
    const id = wish.get(key) ?? newId();
    wish.set(key, id);
    give.mutate({ id, input: { athleteId: athlete.id, fault, signs, cue: cue.cue } });
  };
  return (
    <Card strong label={cue.cue === '' ? 'Step back' : 'One cue'}>
      <CheckFirst athleteId={athlete.id} check={found.check} onChecked={onChecked} />
      <CueLines cue={cue} price={found.price} />
      {mayChange && cue.cue !== '' && (
        <AtThumb>
          <Button type="primary" size="large" block loading={give.isPending} onClick={attach}>
            Give {first} this cue
          </Button>
        </AtThumb>
      )}
      {give.error !== null && <p role="alert">{give.error.message}</p>}
      {give.isSuccess && give.variables.input.fault === fault && (
        <p role="status">
          {first} has it with the next set: <Link to={`/athletes/${athlete.id}`}>to {first}</Link>.
        </p>
      )}
    </Card>
  );
}
