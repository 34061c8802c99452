import { NavLink } from 'react-router';
import styles from './PartsNav.module.css';

interface Props {
  /** "Rope desk": what the parts are of. */
  label: string;
  parts: { path: string; name: string }[];
}

/** The parts of a place, under its title. */
export function PartsNav({ label, parts }: Props) {
  return (
    <nav className={`no-print ${styles.nav ?? ''}`} aria-label={label}>
      {parts.map((part) => (
        <NavLink key={part.path} to={part.path} end className={styles.step ?? ''}>
          {part.name}
        </NavLink>
      ))}
    </nav>
  );
}
