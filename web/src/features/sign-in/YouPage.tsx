import { useMe } from '../../api/session';
import { GymNav } from '../../design/frame/GymNav';
import { Workbench } from '../../design/page/Workbench';
import { PasswordForm } from './parts/PasswordForm';
import { SessionList } from './parts/SessionList';

/** One's own sign-in: where, and with which password. */
export function YouPage() {
  const coach = useMe().data?.coach;
  return (
    <Workbench
      title={coach == null ? 'Your sign-in' : `You are signed in as ${coach.name}, ${coach.role}`}
      nav={<GymNav />}
      decision={<PasswordForm />}
    >
      <SessionList />
    </Workbench>
  );
}
