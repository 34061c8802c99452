import styles from './PathList.module.css';

const stages = ['Jump', 'Turn', 'Join', 'Singles', 'Range', 'Snap', 'Mix', 'Link', 'Hold', 'Workout'];

/** The ten stages; shape tells where the athlete stands: filled behind, ring here, hollow ahead. */
export function PathList({ stage }: { stage: number }) {
  return (
    <>
      <h2>Path</h2>
      <ol className={styles.path}>
        {stages.map((name, i) => (
          <li
            key={name}
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
