import { Button, Checkbox, Input } from 'antd';
import { useState } from 'react';
import { FieldStack } from '../form/FieldStack';
import { AtThumb } from '../page/AtThumb';

interface Statement {
  professional: string;
  on: string;
  words: string;
  myself: boolean;
}

interface Props {
  sending: boolean;
  error: Error | null;
  onState: (statement: Statement) => void;
}

/** That a professional cleared it: who, when and in which words, said by the one whose statement it is. */
export function StatementForm({ sending, error, onState }: Props) {
  const [statement, setStatement] = useState<Statement>({
    professional: '',
    on: '',
    words: '',
    myself: false,
  });
  const { professional, on, words, myself } = statement;
  const change = (part: Partial<Statement>) => setStatement({ ...statement, ...part });
  const whole = professional.trim() !== '' && on !== '' && words.trim() !== '' && myself;
  return (
    <FieldStack>
      <label>
        Who cleared you?
        <Input
          size="large"
          maxLength={120}
          value={professional}
          onChange={(event) => change({ professional: event.target.value })}
        />
      </label>
      <label>
        On which day?
        <Input size="large" type="date" value={on} onChange={(event) => change({ on: event.target.value })} />
      </label>
      <label>
        What did they say? In your own words
        <Input.TextArea
          rows={3}
          maxLength={500}
          value={words}
          onChange={(event) => change({ words: event.target.value })}
        />
      </label>
      <Checkbox checked={myself} onChange={(event) => change({ myself: event.target.checked })}>
        I say this myself
      </Checkbox>
      {error !== null && <p role="alert">{error.message}</p>}
      <AtThumb>
        <Button
          type="primary"
          size="large"
          disabled={!whole}
          loading={sending}
          onClick={() => onState(statement)}
        >
          This is my statement
        </Button>
      </AtThumb>
    </FieldStack>
  );
}
