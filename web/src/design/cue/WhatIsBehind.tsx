import { Link } from 'react-router';

interface Props {
  /** What numbers say of signs: there, or fine. */
  observed: { seen: string[]; fine: string[] };
}

/** From numbers to the fault board, which knows them already; nothing where they say nothing. */
export function WhatIsBehind({ observed: { seen, fine } }: Props) {
  if (seen.length === 0) {
    return null;
  }
  return (
    <p className="no-print">
      <Link to={`/faults?${new URLSearchParams({ signs: seen.join(), fine: fine.join() }).toString()}`}>
        What is behind it?
      </Link>
    </p>
  );
}
