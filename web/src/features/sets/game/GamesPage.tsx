import { useState } from 'react';
import { useAthletes, type Athlete } from '../../../api/athletes';
import { ChoiceField, FieldStack } from '../../../design/form/FieldStack';
import { PersonPicker } from '../../../design/form/PersonPicker';
import { useChosenPerson } from '../../../design/form/useChosenPerson';
import { SetsNav } from '../../../design/frame/SetsNav';
import { Fetched } from '../../../design/page/Fetched';
import { NotToday } from '../../../design/page/NotToday';
import { Empty } from '../../../design/page/StateNote';
import { Workbench } from '../../../design/page/Workbench';
import { Cards } from './Cards';
import { EachMinuteGame } from './EachMinuteGame';
import { Feet } from './Feet';
import { RelayGame } from './RelayGame';

type Game = 'cards' | 'feet' | 'each-minute' | 'relay';

const games: { value: Game; label: string }[] = [
  { value: 'cards', label: 'Cards' },
  { value: 'feet', label: 'Feet: countdown, pyramid' },
  { value: 'each-minute', label: 'One more each minute' },
  { value: 'relay', label: 'Relay' },
];

/** Games: sets that a class plays, each with its total before the start. */
export function GamesPage() {
  const athletes = useAthletes();
  return (
    <Fetched
      fetch={athletes}
      place="Games"
      what="the athletes"
      empty={{
        when: (all) => all.length === 0,
        page: () => (
          <Workbench title="Nobody to play with yet" nav={<SetsNav />}>
            <Empty>Add an athlete first.</Empty>
          </Workbench>
        ),
      }}
    >
      {(all) => <Play athletes={all} />}
    </Fetched>
  );
}

function Play({ athletes }: { athletes: Athlete[] }) {
  const [athlete, choose] = useChosenPerson(athletes, (one) => one);
  const [game, setGame] = useState<Game>('cards');
  const head = (
    <FieldStack>
      <ChoiceField label="Game" options={games} value={game} onChange={setGame} />
      {game !== 'relay' && (
        <label>
          Athlete
          <PersonPicker people={athletes} value={athlete.id} onChange={choose} />
        </label>
      )}
    </FieldStack>
  );
  if (game === 'relay') {
    return <RelayGame head={head} />;
  }
  const first = athlete.name.split(' ')[0] ?? athlete.name;
  if (athlete.allowance.jumping !== 'all') {
    return (
      <Workbench title={`No game today for ${first}`} nav={<SetsNav />} subject={head}>
        <NotToday allowance={athlete.allowance} name={first} />
      </Workbench>
    );
  }
  switch (game) {
    case 'cards':
      return <Cards key={athlete.id} athlete={athlete} first={first} head={head} />;
    case 'feet':
      return <Feet key={athlete.id} athlete={athlete} first={first} head={head} />;
    case 'each-minute':
      return <EachMinuteGame key={athlete.id} athlete={athlete} first={first} head={head} />;
  }
}
