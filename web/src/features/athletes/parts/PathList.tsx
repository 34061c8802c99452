import { useAthleteTerms } from '../../../api/athletes';
import styles from './PathList.module.css';

/** The ten stages; shape tells where the athlete stands: filled behind, ring here, hollow ahead. */
export function PathList({ stage }: { stage: number }) {
  const stages = useAthleteTerms().data?.stages ?? [];
  return (
    <>
      <h2>Path</h2>
      <ol className={styles.path}>
        {stages.map(({ code, name }, i) => (
          <li
            key={code}
            className={i + 1 < stage ? styles.done : i + 1 === stage ? styles.now : styles.ahead}
            {...(i + 1 === stage ? { 'aria-current': 'step' as const } : {})}
          >
            {name}
          </li>
        ))}
      </ol>
    </>
  );
}
