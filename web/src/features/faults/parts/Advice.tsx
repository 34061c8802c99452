import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Athlete } from '../../../api/athletes';
import { useFocus, type Diagnosis, type SignCode } from '../../../api/faults';
import { useMayChange } from '../../../api/session';
import { Card } from '../../../design/page/Card';
import { CueLines } from '../../../design/page/CueLines';
import { newId } from '../../../lib/ids';
import { AtThumb } from '../../../design/page/AtThumb';

interface Props {
  athlete: Athlete;
  first: string;
  signs: SignCode[];
  found: Diagnosis;
}

/** The rope first, then one cue, one drill, what to look at, when to step back; and the one action. */
export function Advice({ athlete, first, signs, found }: Props) {
  const { give } = useFocus();
  const mayChange = useMayChange();
  // One id for one wish: sending it twice counts once.
  const [wish] = useState(() => new Map<string, string>());
  const fault = found.cue.fault;
  const key = `${fault} ${signs.join()}`;
  const attach = () => {
    const id = wish.get(key) ?? newId();
    wish.set(key, id);
    give.mutate({ id, input: { athleteId: athlete.id, fault, signs } });
  };
  return (
    <Card strong label="One cue">
      {found.ropeFirst && (
        <p>
          <strong>Check the rope first</strong>:{' '}
          <Link to={`/ropes/${athlete.id}`}>length, kinks, bearing</Link>.
        </p>
      )}
      <CueLines cue={found.cue} />
      {mayChange && (
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
