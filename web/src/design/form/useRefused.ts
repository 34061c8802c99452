import type { FormInstance } from 'antd';
import { useEffect } from 'react';

/** A refusal of the server that may name fields, each by its path in what was sent. */
interface Refusal extends Error {
  problem?: { errors?: { field: string; message: string }[] };
}

/**
 * Shows what the server refused at the fields it names and goes to the first of them.
 *
 * @returns what is to be said beside the form: an error that names no field
 */
export function useRefused(form: FormInstance, error: Refusal | null): string | null {
  const errors = error?.problem?.errors;
  useEffect(() => {
    const fields = (errors ?? []).map((one) => ({ name: one.field.split('.'), errors: [one.message] }));
    form.setFields(fields);
    const first = fields[0];
    if (first !== undefined) {
      (form.getFieldInstance(first.name) as { focus?: () => void } | undefined)?.focus?.();
    }
  }, [errors, form]);
  return error !== null && errors === undefined ? error.message : null;
}
