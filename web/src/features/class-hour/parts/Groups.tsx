import type { Tonight } from '../../../api/classHour';

/** A fault that several share: two minutes together, said above the hall. */
export function Groups({ groups }: { groups: Tonight['groups'] }) {
  return groups.map((group) => (
    <p key={group.fault} role="note">
      {group.said.sentence}. ({group.names.join(', ')})
    </p>
  ));
}
