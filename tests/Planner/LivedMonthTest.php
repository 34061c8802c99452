<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Planner;

use Symfony\Component\Uid\Uuid;
use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Tests\ApiTestCase;
use Zumbo\Core\Load\SessionLoad;
use Zumbo\Core\Numeric\Draws;
use Zumbo\Core\Stage\Stage;

/**
 * A gym lives through four weeks, day by day: what is planned is jumped and logged by a simulated class, somebody gets hurt and
 * comes back, somebody has a bad day; on no day is a rule broken.
 */
final class LivedMonthTest extends ApiTestCase
{
    private const DAYS = 28;
    private const HURT_ON = 8;
    private const CLEARED_ON = 15;
    private const BAD_ON = 10;

    /** Name, experience, birth year, how often of 100 a rep fails. */
    private const CLASS_OF = [
        'first' => ['none', 2014, 6],
        'young' => ['singles', 2012, 2],
        'grown' => ['some-doubles', 1990, 8],
        'good' => ['linked-doubles', 1985, 4],
        'old' => ['singles', 1960, 3],
    ];

    /** @var array<string, string> id by name */
    private array $ids = [];

    /** @var array<string, array<int, int>> contacts by name and day */
    private array $done = [];

    private Uuid $gym;
    private Draws $draws;

    protected function tearDown(): void
    {
        unset($_SERVER['ZUMBO_NOW'], $_ENV['ZUMBO_NOW']);
        parent::tearDown();
    }

    public function testNoDayBreaksARule(): void
    {
        $this->draws = new Draws(28);
        $classes = 0;
        for ($day = 0; $day < self::DAYS; ++$day) {
            $this->wakeUpOn($day);
            $this->somethingHappens($day);
            $this->weeksHold($day);
            if (\in_array($day % 7, [1, 3, 5], true)) {
                $this->holdClass($day);
                ++$classes;
            }
        }
        self::assertSame(12, $classes);
        foreach (array_keys(self::CLASS_OF) as $name) {
            self::assertGreaterThan(0, array_sum($this->done[$name] ?? []), "$name jumped");
        }
    }

    /** Each day is another process, as it were. */
    private function wakeUpOn(int $day): void
    {
        $now = (new \DateTimeImmutable('2026-06-01T17:00:00Z'))->modify("+$day days")->format(\DateTimeInterface::ATOM);
        $_SERVER['ZUMBO_NOW'] = $_ENV['ZUMBO_NOW'] = $now;
        self::ensureKernelShutdown();
        $this->setUp();
        $this->gym = $this->signInto($this->gym ?? null);
        if (0 !== $day) {
            return;
        }
        $gym = $this->send('GET', '/api/me')['gym'];
        $this->send('PATCH', '/api/gym', ['classTimes' => 'Tue, Thu, Sat 18:30 Evening class'], self::change($gym['version']));
        foreach (self::CLASS_OF as $name => [$experience, $birthYear]) {
            $this->ids[$name] = self::id();
            $about = ['name' => ucfirst($name), 'experience' => $experience, 'birthYear' => $birthYear];
            $this->send('PUT', '/api/athletes/'.$this->ids[$name], self::athlete($about));
            $this->assertStatus(201);
        }
    }

    private function somethingHappens(int $day): void
    {
        if (self::HURT_ON === $day) {
            $this->send('PUT', '/api/cautions/'.self::CAUTION, [
                'athleteId' => $this->ids['good'],
                'caution' => 'pain',
                'place' => 'calf',
                'degree' => 5,
            ]);
            $this->assertStatus(201);
        }
        if (self::CLEARED_ON === $day) {
            $this->send('POST', '/api/cautions/'.self::CAUTION.'/clear', ['note' => 'no pain for days'], self::change(1));
            $this->assertStatus(200);
        }
    }

    private function holdClass(int $day): void
    {
        $plan = $this->send('PUT', '/api/practice/'.$this->now($day), ['minutes' => 20]);
        $this->assertStatus(201);
        self::assertSame(1200, array_sum(array_column($plan['parts'], 'seconds')), "day $day");
        $people = array_column($plan['people'], null, 'id');
        foreach (self::CLASS_OF as $name => [, $birthYear, $misses]) {
            $person = $people[$this->ids[$name]];
            self::assertLessThanOrEqual($person['contactsLeft'], $person['contacts'], "day $day, $name: within what is left");
            $this->mayJump($day, $name, $person['contacts'], 2026 - $birthYear);
            $shown = $this->send('GET', '/api/athletes/'.$this->ids[$name].'/today')['drill'];
            self::assertSame(0 === $person['contactsLeft'], null === $shown, "day $day, $name: plan and hall agree");
            if (null !== $shown) {
                $this->jump($day, $name, $shown, self::BAD_ON === $day && 'grown' === $name ? 45 : $misses);
            }
        }
        $this->afterABadDay($day, $plan);
    }

    private function mayJump(int $day, string $name, int $contacts, int $age): void
    {
        if ('good' === $name && $day >= self::HURT_ON && $day < self::CLEARED_ON) {
            self::assertSame(0, $contacts, "day $day: no jumps while it hurts");
        }
        self::assertLessThanOrEqual(SessionLoad::cap(Stage::Workout, $age), $contacts, "day $day, $name: the cap of the age");
        $lately = array_sum(array_intersect_key($this->done[$name] ?? [], array_flip(range($day - 6, $day))));
        self::assertLessThanOrEqual(SessionLoad::weekCap(Stage::Workout, $age), $lately + $contacts, "day $day, $name: the week");
    }

    /** @param array<string, mixed> $drill */
    private function jump(int $day, string $name, array $drill, int $missesOf100): void
    {
        for ($set = 0; $set < 3; ++$set) {
            $reps = $misses = 0;
            while ($reps + $misses < min(15, $drill['aim'])) {
                $this->draws->between(0, 100) < $missesOf100 ? ++$misses : ++$reps;
            }
            $kind = ['streak' => 'sum', 'tries' => 'tries', 'hold' => 'hold'][$drill['countKind']];
            $this->send('PUT', '/api/attempts/'.self::id(), [
                'athleteId' => $this->ids[$name],
                'drill' => $drill['code'],
                'kind' => $kind,
                'reps' => max(1, $reps),
                'misses' => $misses,
                'end' => null,
            ]);
            $this->assertStatus(201);
            $this->done[$name][$day] = ($this->done[$name][$day] ?? 0) + $reps + $misses;
        }
    }

    /** @param array<string, mixed> $plan */
    private function afterABadDay(int $day, array $plan): void
    {
        if ($day > self::BAD_ON && $day <= self::BAD_ON + 2) {
            $person = array_column($plan['people'], null, 'id')[$this->ids['grown']];
            self::assertContains('plan.lighter', array_column($person['notes'], 'code'), "day $day: lighter after the bad day");
        }
    }

    private function weeksHold(int $day): void
    {
        foreach ($this->send('GET', '/api/weeks')['rows'] as $row) {
            foreach ($row['weeks'] as $week) {
                self::assertLessThanOrEqual($week['contactsMost'], array_sum(array_column($week['days'], 'contacts')), "day $day");
                $jumps = array_filter($week['days'], static fn (array $one): bool => \in_array($one['kind'], ['class', 'home'], true));
                $days = array_column($jumps, 'weekday');
                if (Stage::from($row['stage'])->isBefore(Stage::Range)) {
                    self::assertLessThanOrEqual(3, \count($days), "day $day: beginners three times a week");
                    foreach ($days as $one) {
                        self::assertNotContains($one % 7 + 1, $days, "day $day: a day between");
                    }
                }
                if ($day >= self::HURT_ON && $day < self::CLEARED_ON && $row['athleteId'] === $this->ids['good']) {
                    self::assertSame([], $days, "day $day: nobody jumps with a sore calf");
                }
            }
        }
    }

    private const CAUTION = '0197313a-0000-7000-8000-00000000ca11';

    private function now(int $day): string
    {
        return UuidV7::generate((new \DateTimeImmutable('2026-06-01T17:00:00Z'))->modify("+$day days"));
    }
}
