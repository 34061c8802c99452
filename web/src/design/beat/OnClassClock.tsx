import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { keepDraft, readDraft, withProgramme } from '../../lib/clockDraft';

interface Props {
  athleteId: string;
  title: string;
  /** In the notation. */
  text: string;
}

/** Puts what was built on the plan for the clock of the class. */
export function OnClassClock({ athleteId, title, text }: Props) {
  const [put, setPut] = useState<string | null>(null);
  if (put === text) {
    return (
      <p role="status">
        On the plan for the class: <Link to="/class/clock">to the clock</Link>.
      </p>
    );
  }
  return (
    <Button
      size="large"
      block
      style={{ marginTop: 10 }}
      onClick={() => {
        keepDraft(withProgramme(readDraft(), { title, text, athletes: [athleteId] }));
        setPut(text);
      }}
    >
      Plan it for the class clock
    </Button>
  );
}
