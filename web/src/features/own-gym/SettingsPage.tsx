import { Checkbox } from 'antd';
import { useState } from 'react';
import { useChangeSettings, type Settings } from '../../api/ownGym';
import { useRopeTerms } from '../../api/ropes';
import { useMe, type Me } from '../../api/session';
import { Card } from '../../design/page/Card';
import { GymNav } from '../../design/frame/GymNav';
import { Loading } from '../../design/page/StateNote';
import { Workbench } from '../../design/page/Workbench';
import { newId } from '../../lib/ids';
import { hasSingleKeys, keepSingleKeys } from '../../lib/singleKeys';
import { formatLength } from '../../lib/units';
import { ClassTimesFile } from './parts/ClassTimesFile';
import { HallSides } from './parts/HallSides';
import { ChoiceSetting, LengthSetting, LinesSetting, TextSetting } from './parts/settings';
import { zoneOptions } from './parts/zones';
import styles from './OwnGym.module.css';

/** A setting that leaves it to each school. */
const BY_SCHOOL = 'by-school';

type Gym = NonNullable<Me['gym']>;

/** What a gym has chosen for itself; each says what it changes. */
export function SettingsPage() {
  const { coach, gym } = useMe().data ?? {};
  if (coach == null || gym == null) {
    return <Loading what="your gym" />;
  }
  return (
    <Workbench title={`${gym.name}, as it is set up`} nav={<GymNav />} decision={<ThisDevice />}>
      {coach.role === 'owner' ? <GymSettings gym={gym} /> : <p>Owners change the gym’s settings.</p>}
    </Workbench>
  );
}

function GymSettings({ gym }: { gym: Gym }) {
  const change = useChangeSettings();
  const terms = useRopeTerms().data;
  const [said, setSaid] = useState<keyof Settings | null>(null);
  const keep = (what: Settings) => {
    setSaid(Object.keys(what)[0] as keyof Settings);
    change.mutate({ ...what, change: { mutationId: newId(), version: gym.version } });
  };
  const field = (name: keyof Settings) => ({
    error: said === name && change.error !== null ? change.error.message : null,
    pending: change.isPending,
  });
  const length = (metres: number | null) => (metres === null ? '' : formatLength(metres, gym.unit));
  return (
    <div className={styles.stack}>
      <Card label="The gym">
        <h2>The gym</h2>
        <TextSetting
          label="Name"
          effect="Stands above every page, on what is printed and in invitations."
          value={gym.name}
          {...field('name')}
          onKeep={(name) => keep({ name })}
        />
        <ChoiceSetting
          label="Time zone"
          effect="Says when a day ends: for tonight’s log, weeks and rest days. Days that are over stay as they are."
          value={gym.timeZone}
          options={withOwn(zoneOptions(), gym.timeZone)}
          {...field('timeZone')}
          onKeep={(timeZone) => keep({ timeZone })}
        />
        <ChoiceSetting
          label="Lengths are shown in"
          effect="Everywhere, at once. Both can be typed wherever a length is asked."
          value={gym.unit}
          options={[
            { value: 'cm', label: 'centimetres' },
            { value: 'ft-in', label: 'feet and inches' },
          ]}
          {...field('unit')}
          onKeep={(unit) => keep({ unit })}
        />
      </Card>
      <Card label="The week">
        <h2>The week</h2>
        <LinesSetting
          key={gym.classTimes}
          label="Classes"
          effect="One line each: days, an hour, a name. Class says which it is; on a day with a class, whoever lately came on other days waits at the door, one touch away."
          value={gym.classTimes}
          example={'Tue, Thu 18:30 Evening class\nSat 10:00 Open gym'}
          {...field('classTimes')}
          onKeep={(classTimes) => keep({ classTimes })}
        />
        <ClassTimesFile disabled={change.isPending} onRead={(classTimes) => keep({ classTimes })} />
      </Card>
      <Card label="Ropes">
        <h2>Ropes</h2>
        <ChoiceSetting
          label="How athletes come to their length"
          effect="Decides whether a long rope is on its way down or too long, and what is trimmed next. An athlete may have another."
          value={gym.trimSchool}
          options={[
            { value: 'start-long', label: 'start long, trim in small steps' },
            { value: 'goal-length', label: 'goal length from day one' },
          ]}
          {...field('trimSchool')}
          onKeep={(trimSchool) => keep({ trimSchool })}
        />
        <ChoiceSetting
          label="Beginners and guests are sized by"
          effect="Their first rope, what the rack gives them, and the height strip on the wall."
          value={gym.beginnersSchool}
          options={(terms?.schools ?? []).map(({ code, name }) => ({ value: code, label: name }))}
          {...field('beginnersSchool')}
          onKeep={(beginnersSchool) => keep({ beginnersSchool })}
        />
        <ChoiceSetting
          label="Measured standing"
          effect="In which stance every rope is read: sizing, checking, trims, the rack and the strip. A rope may be measured otherwise."
          value={gym.stance ?? BY_SCHOOL}
          options={[
            { value: BY_SCHOOL, label: 'as each school names it' },
            ...(terms?.stances ?? []).map(({ code, name }) => ({ value: code, label: name })),
          ]}
          {...field('stance')}
          onKeep={(stance) => keep({ stance })}
        />
        <ChoiceSetting
          label="Read at"
          effect="Which ends are held at the landmark. Handle ends and cable ends lie two handles of rope apart."
          value={gym.reading === 'overall' || gym.reading === null ? BY_SCHOOL : gym.reading}
          options={[
            { value: BY_SCHOOL, label: 'as each school means it' },
            { value: 'handle-end', label: 'the handle ends' },
            { value: 'cable-end', label: 'the cable ends' },
          ]}
          {...field('reading')}
          onKeep={(reading) => keep({ reading })}
        />
        <LengthSetting
          label="Handles of your ropes"
          effect="Offered when many ropes are sized at once, and used for the height strip. One handle, from end to end."
          value={length(gym.handleM)}
          example={formatLength(0.15, gym.unit)}
          {...field('handle')}
          onKeep={(handle) => keep({ handle })}
        />
      </Card>
      <Card label="The hall">
        <h2>The hall</h2>
        <LengthSetting
          label="Height of the ceiling"
          effect="Sizing says whose rope will not clear it."
          value={length(gym.ceilingM)}
          example={formatLength(3.2, gym.unit)}
          {...field('ceiling')}
          onKeep={(ceiling) => keep({ ceiling })}
        />
        <HallSides gym={gym} field={field} keep={keep} />
      </Card>
    </div>
  );
}

/** What belongs to this device alone. */
function ThisDevice() {
  const [on, setOn] = useState(hasSingleKeys);
  return (
    <Card label="On this device">
      <h2>On this device</h2>
      <Checkbox
        checked={on}
        onChange={(event) => {
          keepSingleKeys(event.target.checked);
          setOn(event.target.checked);
        }}
      >
        Keys of a single letter
      </Checkbox>
      <p className={styles.quiet}>
        Off, a letter alone does nothing: for whoever dictates to the machine. <kbd>?</kbd> shows all keys.
      </p>
    </Card>
  );
}

/** A zone that this browser calls by another name is still the gym's. */
function withOwn(options: { value: string; label: string }[], own: string) {
  return options.some((one) => one.value === own) ? options : [{ value: own, label: own }, ...options];
}
