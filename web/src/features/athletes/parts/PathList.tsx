import { useAthleteTerms, type Athlete } from '../../../api/athletes';
import styles from './PathList.module.css';

/** The stages, as their method has them; shape tells where the athlete stands: filled behind, ring here, hollow ahead. */
export function PathList({ athlete }: { athlete: Athlete }) {
  const terms = useAthleteTerms().data?.stages ?? [];
  const stages = terms.filter(({ code }) => athlete.path.includes(code));
  const stage = athlete.path.indexOf(athlete.stage) + 1;
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
