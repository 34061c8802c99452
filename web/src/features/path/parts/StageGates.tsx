import { Button } from 'antd';
import { useState } from 'react';
import type { PathStage } from '../../../api/path';
import { useAthleteTerms } from '../../../api/athletes';
import { GateForm } from './GateForm';
import styles from '../path.module.css';

interface Props {
  stages: readonly PathStage[];
  /** The stage they are at; undefined: of the whole gym. */
  here?: PathStage['stage'];
  athleteId?: string;
  mayChange: boolean;
}

/** The stages in their order, each with what it asks before the next. */
export function StageGates({ stages, here, athleteId, mayChange }: Props) {
  const [open, setOpen] = useState<PathStage['stage'] | null>(null);
  const terms = useAthleteTerms().data?.stages ?? [];
  const name = (code: string) => terms.find((stage) => stage.code === code)?.name ?? code;
  const at = stages.findIndex((stage) => stage.stage === here);
  return (
    <ol className={styles.stages}>
      {stages.map((stage, i) => (
        <li
          key={stage.stage}
          className={
            here === undefined ? styles.ahead : i < at ? styles.done : i === at ? styles.now : styles.ahead
          }
          {...(i === at ? { 'aria-current': 'step' as const } : {})}
        >
          <div className={styles.stage}>
            <div>
              <strong>{name(stage.stage)}</strong>
              <span className={styles.asks}>
                {stage.waived !== ''
                  ? `Not asked: ${stage.waived}`
                  : (stage.asks?.sentence ?? 'The last stage: the workouts decide')}
              </span>
            </div>
            {mayChange && stage.asks !== null && open !== stage.stage && (
              <Button
                onClick={() => setOpen(stage.stage)}
                aria-label={`Change what ${name(stage.stage)} asks`}
              >
                Change
              </Button>
            )}
          </div>
          {open === stage.stage && (
            <GateForm
              stage={stage}
              {...(athleteId === undefined ? {} : { athleteId })}
              onDone={() => setOpen(null)}
            />
          )}
        </li>
      ))}
    </ol>
  );
}
