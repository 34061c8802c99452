import { useState } from 'react';
import type { Shape } from '../../../api/description';
import { shapesIn, typeInWords } from './apiWords';
import styles from '../OwnGym.module.css';

/** The fields of a named shape; those of the shapes within it once they are opened. */
export function Fields({ name, schemas }: { name: string; schemas: Record<string, Shape> }) {
  const [open, setOpen] = useState(false);
  const shape = schemas[name];
  const fields = Object.entries(shape?.properties ?? {});
  if (fields.length === 0) {
    return null;
  }
  return (
    <details className={styles.shape} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary>{name}</summary>
      {shape?.description !== undefined && <p>{shape.description}</p>}
      {open && (
        <ul>
          {fields.map(([field, of]) => (
            <li key={field}>
              <code>{field}</code> {typeInWords(of)}
              {shape?.required?.includes(field) !== true && ', may be left out'}
              {of.description !== undefined && `: ${of.description}`}
              {shapesIn(of)
                .filter((within) => within !== name)
                .map((within) => (
                  <Fields key={within} name={within} schemas={schemas} />
                ))}
            </li>
          ))}
        </ul>
      )}
    </details>
  );
}
