<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Entity;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Tests\Exchange\ExchangeTestCase;

/**
 * The kept sums are what the log says, whatever was written, undone, moved, confirmed and imported in whatever order. The
 * truth is asked of the database here, by other statements than the app's.
 */
final class DaySumsTest extends ExchangeTestCase
{
    private const WRITES = 1_200;
    private const IMPORTED = 9_000;
    private const FILES = 6;

    private Randomizer $chance;
    private Uuid $gym;

    /** @var list<string> */
    private array $athletes = [];

    /** @var array<string, int> versions by entry */
    private array $entries = [];

    public function testTheyAreWhatTheLogSaysAfterTenThousandWrites(): void
    {
        $this->chance = new Randomizer(new Mt19937(15));
        $this->gym = $this->signInto();
        foreach (['singles', 'snap', 'link', 'hold'] as $stage) {
            $id = $this->newAthlete();
            self::connection()->update('athlete', ['stage' => $stage], ['id' => Uuid::fromString($id)->toBinary()]);
            $this->athletes[] = $id;
        }
        for ($file = 1; $file <= self::FILES; ++$file) {
            for ($i = 0; $i < self::WRITES / self::FILES; ++$i) {
                $this->write();
            }
            $this->import((int) (self::IMPORTED / self::FILES));
            self::assertAlike($this->truth(), $this->kept(), "after file $file");
            self::assertAlike($this->days(), $this->keptDays(), "days after file $file");
        }
        self::assertGreaterThan(1000, \count($this->kept()));
        $kept = $this->rows('SELECT * FROM day_sum WHERE gym_id = ? ORDER BY set_id, stage, kind');
        self::recount($this->gym);
        self::assertAlike(
            $kept,
            $this->rows('SELECT * FROM day_sum WHERE gym_id = ? ORDER BY set_id, stage, kind'),
            'counted anew',
        );
        self::assertNotSame([0], array_values(array_unique(array_column($kept, 'doubts'))), 'some set is in doubt');
    }

    /**
     * Some of what differs: a picture of thousands of rows tells nobody anything.
     *
     * @param list<array<string, mixed>> $truth
     * @param list<array<string, mixed>> $kept
     */
    private static function assertAlike(array $truth, array $kept, string $when): void
    {
        [$true, $found] = array_map(
            static fn (array $rows): array => array_map(static fn (array $row): string => implode(' ', $row), $rows),
            [$truth, $kept],
        );
        self::assertSame(
            [[], []],
            [\array_slice(array_diff($true, $found), 0, 3), \array_slice(array_diff($found, $true), 0, 3)],
            $when,
        );
    }

    private function write(): void
    {
        if (\count($this->entries) < 20 || $this->chance->getInt(0, 9) > 4) {
            $this->log();

            return;
        }
        $id = array_rand($this->entries);
        $of = '/api/attempts/'.$id;
        $condition = self::change($this->entries[$id]);
        $answer = match ($this->chance->getInt(0, 4)) {
            0 => $this->send('DELETE', $of, null, $condition),
            1 => $this->send('POST', "$of/restore", null, $condition),
            2 => $this->send('POST', "$of/move", ['athleteId' => $this->one($this->athletes)], $condition),
            3 => $this->send('POST', "$of/keep", null, $condition),
            default => $this->send('PATCH', $of, ['clean' => 0 === $this->chance->getInt(0, 1)], $condition),
        };
        $this->assertStatus(200);
        $this->entries[$id] = $answer['version'];
    }

    private function log(): void
    {
        $id = self::id();
        $kind = $this->one(['streak', 'sum', 'tries', 'hold']);
        $at = new \DateTimeImmutable(\sprintf('-%d minutes', $this->chance->getInt(0, 3) * 600 + $this->chance->getInt(0, 6)));
        $answer = $this->send('PUT', '/api/attempts/'.$id, [
            'athleteId' => $this->one($this->athletes),
            'drill' => $this->one(['hundred', 'fifty-calm']),
            'kind' => $kind,
            'reps' => $this->chance->getInt(1, 4),
            'misses' => 'streak' === $kind ? 0 : $this->chance->getInt(0, 1),
            'at' => $at->format('Y-m-d\TH:i:s\Z'),
        ] + ('streak' === $kind ? ['end' => $this->one(['miss', 'stopped'])] : []));
        $this->assertStatus(201);
        $this->entries[$id] = $answer['version'];
        // As if another coach had written it.
        self::connection()->update(
            'attempt',
            ['logged_by' => $this->one(['Anke', 'Bo'])],
            ['gym_id' => $this->gym->toBinary(), 'id' => Uuid::fromString($id)->toBinary()],
        );
    }

    /** New rows of half a year, today's among them, and known ones with other reps or at another day. */
    private function import(int $rows): void
    {
        $lines = ['id,athlete_id,drill,stage,kind,reps,misses,ended,clean,logged_at'];
        $known = $this->rows('SELECT LOWER(HEX(id)) AS id FROM attempt WHERE gym_id = ? ORDER BY RAND(7) LIMIT 300');
        for ($i = 0; $i < $rows; ++$i) {
            $id = isset($known[$i]) ? Uuid::fromBinary((string) hex2bin((string) $known[$i]['id']))->toRfc4122() : self::id();
            $kind = $this->one(['streak', 'sum', 'tries', 'hold']);
            $at = new \DateTimeImmutable(\sprintf('-%d minutes', $this->chance->getInt(0, 1440 * $this->chance->getInt(1, 180))));
            $lines[] = implode(',', [
                $id,
                $this->one($this->athletes),
                $this->one(['hundred', 'fifty-calm']),
                $this->one(['singles', 'snap', 'link', 'hold']),
                $kind,
                $this->chance->getInt(0, 99),
                'streak' === $kind ? 0 : $this->chance->getInt(0, 9),
                'streak' === $kind ? $this->one(['miss', 'stopped', 'time']) : '',
                'true',
                $at->format('Y-m-d\TH:i:s\Z'),
            ]);
        }
        $done = $this->agreeTo($this->send_(implode("\n", $lines), 'text/csv'));
        self::assertSame(['done', []], [$done['state'], $done['errors']]);
        foreach ($this->rows('SELECT LOWER(HEX(id)) AS id, version FROM attempt WHERE gym_id = ?') as $row) {
            $id = Uuid::fromBinary((string) hex2bin((string) $row['id']))->toRfc4122();
            $this->entries = isset($this->entries[$id]) ? [$id => (int) $row['version']] + $this->entries : $this->entries;
        }
    }

    /**
     * @return list<array<string, mixed>>
     */
    private function truth(): array
    {
        return $this->rows(
            "SELECT HEX(a.set_id) AS s, a.stage, a.kind, HEX(a.athlete_id) AS w, p.local_day, s.drill, COUNT(*) AS entries,
             SUM(a.reps) AS reps, SUM(a.misses) + SUM(a.ended <=> 'miss') AS misses, MAX(a.reps) AS best
             FROM attempt a JOIN practice_set s USING (gym_id) JOIN practice p USING (gym_id)
             WHERE gym_id = ? AND s.id = a.set_id AND p.id = s.practice_id AND a.removed_at IS NULL
             GROUP BY 1, 2, 3, 4, 5, 6 ORDER BY 1, 2, 3",
        );
    }

    /**
     * @return list<array<string, mixed>>
     */
    private function kept(): array
    {
        return $this->rows(
            'SELECT HEX(set_id) AS s, stage, kind, HEX(athlete_id) AS w, local_day, drill, entries, reps, misses, best
             FROM day_sum WHERE gym_id = ? ORDER BY 1, 2, 3',
        );
    }

    /**
     * @return list<array<string, mixed>>
     */
    private function days(): array
    {
        return $this->rows(
            'SELECT HEX(a.athlete_id) AS w, a.stage, COUNT(DISTINCT p.local_day) AS days FROM attempt a
             JOIN practice_set s USING (gym_id) JOIN practice p USING (gym_id)
             WHERE gym_id = ? AND s.id = a.set_id AND p.id = s.practice_id AND a.removed_at IS NULL
             GROUP BY 1, 2 ORDER BY 1, 2',
        );
    }

    /**
     * @return list<array<string, mixed>>
     */
    private function keptDays(): array
    {
        return $this->rows(
            'SELECT HEX(athlete_id) AS w, stage, days FROM stage_days WHERE gym_id = ? AND days > 0 ORDER BY 1, 2',
        );
    }

    /**
     * @return list<array<string, mixed>> everything as text
     */
    private function rows(string $sql): array
    {
        return array_map(
            static fn (array $row): array => array_map(strval(...), $row),
            self::connection()->fetchAllAssociative($sql, [$this->gym->toBinary()]),
        );
    }

    /**
     * @param list<string> $of
     */
    private function one(array $of): string
    {
        return $of[$this->chance->getInt(0, \count($of) - 1)];
    }
}
