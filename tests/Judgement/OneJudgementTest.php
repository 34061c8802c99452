<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Judgement;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Clock\LocalDay;
use Zumbo\App\Tests\ApiTestCase;

/**
 * The same facts give the same answer everywhere: 2,000 invented athletes through the views that show all of them, 200 of
 * them through every view of one and the command line's computation, facts changed in between, all of it compared with
 * what other code makes of the same facts.
 */
final class OneJudgementTest extends ApiTestCase
{
    private const EVERYBODY = 2000;
    private const CLOSELY = 200;
    /** The lists show all that changed; every view once more for some of each change. */
    private const CLOSELY_AGAIN = 50;
    private const TIME_ZONE = 'Europe/London';

    private Oracle $oracle;
    private \DateTimeImmutable $today;
    private Uuid $gym;

    public function testTheSameFactsGiveTheSameAnswerEverywhere(): void
    {
        $this->gym = $this->signInto();
        $this->today = LocalDay::of(new \DateTimeImmutable(), self::TIME_ZONE);
        $this->oracle = new Oracle($this->today);
        $chance = new Randomizer(new Mt19937(2026));
        $all = [];
        self::connection()->beginTransaction();
        for ($i = 0; $i < self::EVERYBODY; ++$i) {
            $all[] = $this->kept(new Invented($chance));
        }
        self::connection()->executeStatement(
            // Whoever was not seen for weeks is at the door: all of them are here tonight.
            "INSERT INTO attendance SELECT gym_id, id, ?, id, 'here', UTC_TIMESTAMP(), '' FROM athlete WHERE gym_id = ?",
            [$this->today->format('Y-m-d'), $this->gym->toBinary()],
        );
        self::connection()->commit();
        self::recount($this->gym);
        $this->compareLists($all);
        $closely = \array_slice($all, 0, self::CLOSELY);
        array_map($this->compareClosely(...), $closely);
        foreach ($closely as $i => $one) {
            $one->change($i % 5);
            $this->keepAgain($one);
        }
        self::recount($this->gym);
        $this->compareLists($all);
        array_map($this->compareClosely(...), \array_slice($closely, 0, self::CLOSELY_AGAIN));
        $this->assertManyKinds($all);
    }

    /**
     * Nothing is proved by a crowd in which everybody is alike.
     *
     * @param list<Invented> $all
     */
    private function assertManyKinds(array $all): void
    {
        $states = array_count_values(array_map(fn (Invented $one): string => $this->oracle->rope($one)['state'], $all));
        self::assertCount(7, $states);
        self::assertGreaterThan(20, min([self::EVERYBODY, ...array_values($states)]));
        $nexts = array_unique(array_map(fn (Invented $one): string => $this->oracle->rope($one)['next'], $all));
        self::assertEqualsCanonicalizing(['keep', 'trim', 'let-out', 'size-anew', 'buy', 'ask-handles'], $nexts);
        $jumping = array_count_values(
            array_map(fn (Invented $one): string => $this->oracle->allowance($one)['jumping'], $all),
        );
        self::assertGreaterThan(100, min([self::EVERYBODY, ...array_values($jumping)]));
        self::assertCount(3, $jumping);
    }

    /**
     * @param list<Invented> $all
     */
    private function compareLists(array $all): void
    {
        $athletes = array_column($this->answer('/api/athletes'), null, 'id');
        $class = array_column($this->answer('/api/class')['athletes'], null, 'id');
        self::assertCount(self::EVERYBODY, $athletes);
        foreach ($all as $one) {
            $rope = $this->oracle->rope($one);
            $allowance = $this->oracle->allowance($one);
            $this->assertVerdict($rope, $athletes[$one->id]['ropeVerdict'], $one, 'athletes');
            $this->assertAllowance($allowance, $athletes[$one->id]['allowance'], $one, 'athletes');
            $this->assertAllowance($allowance, $class[$one->id]['allowance'], $one, 'class');
            self::assertSame($rope['state'], $class[$one->id]['ropeState'], 'class '.$this->said($one));
            self::assertSame('all' === $allowance['jumping'], null !== $class[$one->id]['drill'], 'class');
        }
    }

    private function compareClosely(Invented $one): void
    {
        $rope = $this->oracle->rope($one);
        $allowance = $this->oracle->allowance($one);
        $of = "/api/athletes/{$one->id}";
        $judged = $this->answer("$of/judgement");
        $this->assertVerdict($rope, $judged['rope'], $one, 'judgement');
        $this->assertAllowance($allowance, $judged['allowance'], $one, 'judgement');
        $this->assertAllowance($allowance, $this->answer("$of/today")['allowance'], $one, 'today');
        $sizing = $this->answer("$of/sizing");
        $this->assertVerdict($rope, $sizing['verdict'], $one, 'size');
        $trim = $this->answer("$of/trim");
        $this->assertVerdict($rope, $trim['verdict'], $one, 'trim');
        foreach (['ladder', 'intervals', 'pacing', 'diagnosis?signs=slap'] as $offer) {
            $this->send('GET', "$of/$offer");
            $this->assertStatus('all' === $allowance['jumping'] ? 200 : 409);
        }
        if (null !== $one->rope && $one->rope['sound']) {
            $this->compareCheck($one, $rope);
        }
        $this->compareComputation($one, $rope, $allowance);
    }

    /**
     * The rope they have, brought along as if nobody knew it: the same, but for growth and spare, which it can't show.
     *
     * @param array{state: string, next: string, goalM: ?float, offM: ?float} $rope
     */
    private function compareCheck(Invented $one, array $rope): void
    {
        \assert(null !== $one->rope);
        $verdict = $this->answer(\sprintf(
            '/api/athletes/%s/fit?cable=%s&stance=%s&handle=%s',
            $one->id,
            urlencode($one->rope['cableM'] * 100 .' cm'),
            $one->rope['stance'],
            urlencode($one->rope['handleM'] * 100 .' cm'),
        ))['verdict'];
        self::assertSame(
            'outgrown' === $rope['state'] ? 'too-short' : $rope['state'],
            $verdict['state'],
            'check '.$this->said($one),
        );
        self::assertEqualsWithDelta($rope['offM'], $verdict['offByM'], 1e-6);
    }

    /**
     * @param array{state: string, next: string, goalM: ?float, offM: ?float} $rope
     * @param array{jumping: string, today: int, week: int}                   $allowance
     */
    private function compareComputation(Invented $one, array $rope, array $allowance): void
    {
        $told = $this->send('POST', '/api/calc/today', $this->facts($one));
        $this->assertStatus(200);
        $verdict = ['next' => $told['rope']['next']['action'], 'goalM' => $told['rope']['goal_m']] + $told['rope'];
        $this->assertVerdict($rope, ['offByM' => $told['rope']['off_by_m']] + $verdict, $one, 'calc');
        $this->assertAllowance($allowance, [
            'jumping' => $told['allowance'],
            'contactsLeftToday' => $told['contacts_left_today'],
            'contactsLeftWeek' => $told['contacts_left_week'],
        ], $one, 'calc');
    }

    /**
     * @return array<string, mixed> as the command line takes them
     */
    private function facts(Invented $one): array
    {
        $night = ['tonight' => ['reps' => 0, 'misses' => 0], 'usual' => ['reps' => 0, 'misses' => 0]];
        $week = 0;
        foreach ($one->done as $done) {
            $which = 0 === $done['daysAgo'] ? 'tonight' : 'usual';
            $night[$which]['reps'] += $done['reps'];
            $night[$which]['misses'] += $done['misses'];
            $week += $done['daysAgo'] < (int) $this->today->format('N') ? $done['reps'] + $done['misses'] : 0;
        }

        return array_filter([
            'stature_m' => $one->statureM,
            'handle_length_m' => $one->rope['handleM'] ?? $one->handleM,
            'rope' => null === $one->rope ? null : array_filter([
                'cable_length_m' => $one->rope['cableM'],
                'stance' => $one->rope['stance'],
                'sized_stature_m' => $one->rope['sizedM'],
                'spare_per_side_m' => $one->rope['cut'] ? 0.0 : 0.05,
                'family' => $one->rope['family'],
                'failed' => $one->rope['sound'] ? null : ['no-kinks'],
            ], static fn (mixed $given): bool => null !== $given),
            'stage' => $one->stage,
            'trim_school' => $one->trim,
            'school' => $one->school,
            'age' => $one->age,
            'cautions' => array_map(static fn (array $noted): array => array_filter([
                'kind' => $noted['caution'],
                'place' => $noted['place'],
                'degree' => $noted['degree'],
                'days_ago' => $noted['daysAgo'],
                'cleared_by' => $noted['lifted'],
                'cleared_days_ago' => null === $noted['lifted'] ? null : $noted['liftedDaysAgo'],
            ], static fn (mixed $given): bool => null !== $given), $one->noted),
            'contacts_today' => $night['tonight']['reps'] + $night['tonight']['misses'],
            'contacts_this_week' => $week,
            'weeks_contacts' => $this->oracle->weeks($one, null !== $this->oracle->back($one)),
            'jump_days' => array_column($one->done, 'daysAgo'),
        ] + $night, static fn (mixed $given): bool => null !== $given);
    }

    /**
     * @param array{state: string, next: string, goalM: ?float, offM: ?float} $rope
     * @param array<mixed>                                                    $verdict
     */
    private function assertVerdict(array $rope, array $verdict, Invented $one, string $where): void
    {
        $said = $where.' '.$this->said($one);
        self::assertSame([$rope['state'], $rope['next']], [$verdict['state'], $verdict['next']], $said);
        foreach (['goalM' => 'goalM', 'offM' => 'offByM'] as $mine => $theirs) {
            null === $rope[$mine]
                ? self::assertNull($verdict[$theirs], $said)
                : self::assertEqualsWithDelta($rope[$mine], $verdict[$theirs], 1e-6, $said);
        }
    }

    /**
     * @param array{jumping: string, today: int, week: int} $allowance
     * @param array<mixed>                                  $told
     */
    private function assertAllowance(array $allowance, array $told, Invented $one, string $where): void
    {
        self::assertSame(
            [$allowance['jumping'], $allowance['today'], $allowance['week']],
            [$told['jumping'], $told['contactsLeftToday'], $told['contactsLeftWeek']],
            $where.' '.$this->said($one),
        );
    }

    private function said(Invented $one): string
    {
        return json_encode($one, \JSON_THROW_ON_ERROR);
    }

    /**
     * @return array<mixed>
     */
    private function answer(string $path): array
    {
        $answer = $this->send('GET', $path);
        $this->assertStatus(200);

        return $answer;
    }

    /** Each athlete of a gym has letters of their own. */
    private string $tag = 'aaa';

    private function kept(Invented $one): Invented
    {
        $one->id = (new UuidV7())->toRfc4122();
        $this->insert('athlete', [
            'id' => $one->id,
            'name' => 'A'.substr($one->id, -6),
            'stature_m' => $one->statureM,
            'dominant_hand' => 'right',
            'experience' => 'none',
            'stage' => $one->stage,
            'birth_year' => null === $one->age ? null : (int) $this->today->format('Y') - $one->age,
            'guardian_consent' => 1,
            'created_at' => '2020-01-01 10:00:00',
            'trim_school' => $one->trim,
            'school' => $one->school,
            'handle_length_m' => $one->handleM,
            'tag' => $this->tag++,
        ]);
        if (null !== $one->rope) {
            $this->insert('stature', ['athlete_id' => $one->id, 'read_on' => '2020-01-01', 'stature_m' => $one->rope['sizedM']]);
            $this->insert('rope', [
                'athlete_id' => $one->id,
                'cable_length_m' => $one->rope['cableM'],
                'handle_length_m' => $one->rope['handleM'],
                'family' => $one->rope['family'],
                'school' => 'armpit',
                'stance' => $one->rope['stance'],
                'computed_cable_m' => $one->rope['cableM'],
                'override_reason' => '',
                'created_at' => '2020-01-02 10:00:00',
                'tails_cut_on' => $one->rope['cut'] ? '2020-06-01' : null,
                'failed' => $one->rope['sound'] ? '[]' : '["no-kinks"]',
            ]);
        }
        $this->insert('stature', [
            'athlete_id' => $one->id,
            'read_on' => $this->day(0),
            'stature_m' => $one->statureM,
        ]);
        foreach ($one->noted as $noted) {
            $this->note($one, $noted);
        }
        foreach ($one->done as $done) {
            $this->practise($one, $done);
        }

        return $one;
    }

    /** By SQL, as another coach's change would come: what was kept of the athlete before is not asked. */
    private function keepAgain(Invented $one): void
    {
        $mine = ['gym_id' => $this->gym->toBinary()];
        $id = Uuid::fromString($one->id)->toBinary();
        self::connection()->update('athlete', [
            'stature_m' => $one->statureM,
            'stage' => $one->stage,
            'school' => $one->school,
            'handle_length_m' => $one->handleM,
        ], $mine + ['id' => $id]);
        self::connection()->update('attempt', ['stage' => $one->stage], $mine + ['athlete_id' => $id]);
        self::connection()->delete('noted_caution', $mine + ['athlete_id' => $id]);
        foreach ($one->noted as $noted) {
            $this->note($one, $noted);
        }
    }

    /**
     * @param array{caution: string, place: ?string, degree: ?int, daysAgo: int, lifted: ?string, liftedDaysAgo: int} $noted
     */
    private function note(Invented $one, array $noted): void
    {
        $this->insert('noted_caution', [
            'athlete_id' => $one->id,
            'caution' => $noted['caution'],
            'place' => $noted['place'],
            'degree' => $noted['degree'],
            'noted_on' => $this->day($noted['daysAgo']),
            'noted_at' => $this->day($noted['daysAgo']).' 12:00:00',
            'noted_by' => 'Some Coach',
            'lifted_by' => $noted['lifted'],
            'lifted_on' => null === $noted['lifted'] ? null : $this->day($noted['liftedDaysAgo']),
        ]);
    }

    /**
     * @param array{daysAgo: int, reps: int, misses: int} $done
     */
    private function practise(Invented $one, array $done): void
    {
        $day = $this->day($done['daysAgo']);
        $practice = $this->insert('practice', ['athlete_id' => $one->id, 'local_day' => $day, 'started_at' => "$day 12:00:00"]);
        $set = $this->insert('practice_set', ['practice_id' => $practice, 'drill' => 'hundred', 'stage' => $one->stage]);
        $this->insert('attempt', [
            'set_id' => $set,
            'athlete_id' => $one->id,
            'stage' => $one->stage,
            'kind' => 'sum',
            'reps' => $done['reps'],
            'misses' => $done['misses'],
            'clean' => 1,
            'logged_at' => "$day 12:00:00",
        ]);
    }

    private function day(int $daysAgo): string
    {
        return $this->today->modify("-$daysAgo days")->format('Y-m-d');
    }

    /**
     * @param array<string, mixed> $values ids as text
     */
    private function insert(string $table, array $values): string
    {
        $values += ['id' => (new UuidV7())->toRfc4122()];
        $id = $values['id'];
        foreach ($values as $name => $value) {
            if (\is_string($value) && ('id' === $name || str_ends_with($name, '_id'))) {
                $values[$name] = Uuid::fromString($value)->toBinary();
            }
        }
        self::connection()->insert($table, ['gym_id' => $this->gym->toBinary()] + $values);

        return \is_string($id) ? $id : '';
    }
}
