import { Input } from 'antd';
import { useState } from 'react';
import { useDescription, type Description } from '../../api/description';
import { GymNav } from '../../design/frame/GymNav';
import { Card } from '../../design/page/Card';
import { Failed, Loading } from '../../design/page/StateNote';
import { Workbench } from '../../design/page/Workbench';
import { OneOperation } from './parts/OneOperation';
import { grouped } from './parts/apiWords';
import styles from './OwnGym.module.css';

/** What the API takes and answers, readable; for those who build on it. */
export function ApiPage() {
  const description = useDescription();
  const [text, setText] = useState('');
  return (
    <Workbench
      title="The API, for those who build on it"
      nav={<GymNav />}
      decisionFirst
      decision={
        <Card label="Find">
          <Input
            size="large"
            aria-label="Find in the API"
            placeholder="rope, PUT, /api/notes"
            value={text}
            onChange={(event) => setText(event.target.value)}
          />
          <p className={styles.quiet}>
            Session cookie; writes carry the header csrf-token and an id of version 7 that you make. The same
            as{' '}
            <a href="/api/openapi.json" download>
              OpenAPI 3.1
            </a>
            .
          </p>
        </Card>
      }
    >
      {description.isError && <Failed error={description.error} onRetry={() => void description.refetch()} />}
      {description.isPending && <Loading what="the description" />}
      {description.data !== undefined && <Groups description={description.data} text={text} />}
    </Workbench>
  );
}

function Groups({ description, text }: { description: Description; text: string }) {
  const groups = grouped(description, text);
  if (groups.length === 0) {
    return <p role="status">Nothing of the API is called so.</p>;
  }
  return (
    <div className={styles.stack}>
      {groups.map(({ name, operations }) => (
        <Card key={name} label={name}>
          <h2>{name}</h2>
          {operations.map((one) => (
            <OneOperation
              key={`${one.method} ${one.path}`}
              of={one}
              schemas={description.components.schemas}
            />
          ))}
        </Card>
      ))}
    </div>
  );
}
