<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Story;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Tests\ApiTestCase;

/**
 * Months of a made-up log.
 */
abstract class StoryTestCase extends ApiTestCase
{
    protected static function ago(int $days): string
    {
        return gmdate('Y-m-d\TH:i:s\Z', time() - $days * 86_400);
    }

    /** @param array<string, mixed> $with */
    protected function someone(string $name, array $with = []): string
    {
        $id = self::id();
        $this->send('PUT', '/api/athletes/'.$id, self::athlete($with + ['name' => $name, 'experience' => 'linked-doubles']));
        $this->assertStatus(201);
        $this->send('PATCH', "/api/athletes/$id/stage", ['stage' => 'link'], self::change(1));
        $this->assertStatus(200);

        return $id;
    }

    protected function go(string $athlete, int $daysAgo, int $reps, string $end = 'miss', string $drill = 'rungs'): void
    {
        $this->send('PUT', '/api/attempts/'.self::id(), [
            'athleteId' => $athlete,
            'drill' => $drill,
            'kind' => 'streak',
            'reps' => $reps,
            'end' => $end,
            'at' => self::ago($daysAgo),
        ]);
        $this->assertStatus(201);
    }

    /** @param list<int> $days ago, the furthest first */
    protected function goes(string $athlete, array $days, int $reps, int $each = 3): void
    {
        foreach ($days as $day) {
            for ($i = 0; $i < $each; ++$i) {
                $this->go($athlete, $day, $reps + $i);
            }
        }
    }

    /** All ropes of a gym were given so many days earlier than they were; in another length where one is said. */
    protected function ageRopes(Uuid $gym, int $days, ?float $cableM = null): void
    {
        self::connection()->executeStatement(
            'UPDATE rope SET created_at = created_at - INTERVAL ? DAY, cable_length_m = COALESCE(?, cable_length_m) WHERE gym_id = ?',
            [$days, $cableM, $gym->toBinary()],
        );
    }

    protected function sumToday(string $athlete, int $reps): void
    {
        $this->send('PUT', '/api/attempts/'.self::id(), ['athleteId' => $athlete, 'drill' => 'rungs', 'kind' => 'sum', 'reps' => $reps]);
        $this->assertStatus(201);
    }
}
