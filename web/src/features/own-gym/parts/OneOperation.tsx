import type { Operation, Shape } from '../../../api/description';
import { shapesIn, typeInWords, type Described } from './apiWords';
import { Fields } from './Fields';
import styles from '../OwnGym.module.css';

/** One route: what it is for, what it takes, what it answers; opened by a touch. */
export function OneOperation({
  of: { method, path, operation },
  schemas,
}: {
  of: Described;
  schemas: Record<string, Shape>;
}) {
  const given = operation.parameters ?? [];
  return (
    <details className={styles.operation}>
      <summary>
        <code>
          {method} {path}
        </code>
        <span>
          {operation.summary} {operation.description}
        </span>
      </summary>
      {given.length > 0 && (
        <dl className={styles.changes}>
          {given.map(({ name, in: where, required, schema, description }) => (
            <div key={`${where} ${name}`}>
              <dt>
                {name} <small>in the {where}</small>
              </dt>
              <dd>
                {typeInWords(schema)}
                {required !== true && ', may be left out'}
                {description !== undefined && `: ${description}`}
              </dd>
            </div>
          ))}
        </dl>
      )}
      <Contents title="Takes" contents={operation.requestBody?.content} schemas={schemas} />
      {Object.entries(operation.responses).map(([status, answer]) => (
        <Contents key={status} title={`Answers ${status}`} contents={answer.content} schemas={schemas} />
      ))}
    </details>
  );
}

function Contents({
  title,
  contents,
  schemas,
}: {
  title: string;
  contents: Operation['responses'][string]['content'] | undefined;
  schemas: Record<string, Shape>;
}) {
  return (
    <>
      {Object.entries(contents ?? {}).map(([type, { schema }]) => (
        <div key={type}>
          <p>
            <strong>{title}</strong> {type}: {typeInWords(schema)}
          </p>
          {type !== 'application/problem+json' &&
            shapesIn(schema).map((name) => <Fields key={name} name={name} schemas={schemas} />)}
        </div>
      ))}
    </>
  );
}
