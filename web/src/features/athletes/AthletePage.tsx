import { Button } from 'antd';
import { Link, useParams } from 'react-router';
import { useAthlete } from '../../api/athletes';
import { useMayChange, useUnit } from '../../api/session';
import { Card } from '../../design/Card';
import { Cautions } from '../../design/Cautions';
import { Facts } from '../../design/Facts';
import { Failed, Loading } from '../../design/StateNote';
import { Workbench } from '../../design/Workbench';
import { formatLength } from '../../lib/units';
import { ChangeAthlete } from './parts/ChangeAthlete';
import { experiences, hands } from './parts/choices';
import { PathList } from './parts/PathList';

export function AthletePage() {
  const { id = '' } = useParams();
  const athlete = useAthlete(id);
  const unit = useUnit();
  const mayChange = useMayChange();
  if (athlete.isPending) {
    return (
      <Workbench title="Athlete">
        <Loading what="the athlete" />
      </Workbench>
    );
  }
  if (athlete.isError) {
    return (
      <Workbench title="This athlete could not be fetched">
        <Failed error={athlete.error} onRetry={() => void athlete.refetch()} />
      </Workbench>
    );
  }
  const { data } = athlete;
  const rope = data.rope === null ? null : formatLength(data.rope.cableLengthM, unit);
  return (
    <Workbench
      title={rope === null ? `${data.name} has no rope yet` : `${data.name} jumps ${rope} of cable`}
      subject={
        <>
          <Facts
            facts={[
              { name: 'Height', value: formatLength(data.statureM, unit) },
              { name: 'Hand', value: hands.find((hand) => hand.value === data.dominantHand)?.label },
              { name: 'Came with', value: experiences.find((one) => one.value === data.experience)?.label },
              { name: 'Born', value: data.birthYear ?? '–' },
            ]}
          />
          <Cautions cautions={data.cautions} note={data.cautionNote} />
          <PathList stage={data.stageNumber} />
        </>
      }
      decision={
        <Card strong>
          <h2>{rope === null ? 'First, a rope that fits' : 'Their rope'}</h2>
          <p>
            {rope === null
              ? 'Everything else rests on it: too long lags, too short catches the feet.'
              : 'Check it again when they have grown, or when the hands stay narrow for good.'}
          </p>
          <Link to={`/ropes/${data.id}`}>
            <Button type="primary" size="large" block>
              {rope === null ? 'Size the rope' : 'Open the rope bench'}
            </Button>
          </Link>
        </Card>
      }
    >
      <ChangeAthlete key={data.version} athlete={data} unit={unit} mayChange={mayChange} />
    </Workbench>
  );
}
