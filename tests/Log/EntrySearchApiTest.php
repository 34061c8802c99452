<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Log;

use Zumbo\App\Tests\ApiTestCase;

final class EntrySearchApiTest extends ApiTestCase
{
    public function testEveryEntryIsFoundOnceThePagesEndWhereTheyEnd(): void
    {
        $this->signInto();
        $athlete = $this->newAthlete();
        // Many at the same second: the id decides, and none is left out or comes twice.
        for ($i = 0; $i < 53; ++$i) {
            $this->log($athlete, $i % 7, \sprintf('2026-11-0%dT17:00:00Z', 1 + $i % 2));
        }
        $first = $this->send('GET', '/api/entries');
        $this->assertStatus(200);
        self::assertCount(50, $first['entries']);
        self::assertSame(53, $first['totals']['entries']);
        $second = $this->send('GET', '/api/entries?after='.rawurlencode($first['next']));
        self::assertCount(3, $second['entries']);
        self::assertSame([null, null], [$second['next'], $second['totals']]);
        $ids = array_map(static fn (array $one): string => $one['entry']['id'], [...$first['entries'], ...$second['entries']]);
        self::assertCount(53, array_unique($ids));
        $days = array_column([...$first['entries'], ...$second['entries']], 'day');
        $sorted = $days;
        rsort($sorted);
        self::assertSame($sorted, $days, 'the newest first');
    }

    public function testItIsFoundByWhoseItIsByDayByWorkAndByWhoLoggedIt(): void
    {
        $this->signInto();
        $one = $this->newAthlete();
        $other = $this->newAthlete();
        $this->log($one, 12, '2026-11-02T17:00:00Z');
        $this->log($one, 9, '2026-11-05T23:30:00Z');
        $this->log($other, 30, '2026-11-05T17:00:00Z');
        $found = fn (string $query): array => array_map(
            static fn (array $entry): int => $entry['entry']['reps'],
            $this->send('GET', '/api/entries?'.$query)['entries'],
        );
        self::assertSame([9, 12], $found('athlete='.$one));
        self::assertSame([12], $found('athlete='.$one.'&to=2026-11-04'));
        self::assertSame([], $found('drill=three-and-one'));
        self::assertSame([], $found('by=Nobody'));
        $all = $this->send('GET', '/api/entries?athlete='.$one);
        self::assertSame([2, 21, 2], [$all['totals']['entries'], $all['totals']['reps'], $all['totals']['misses']]);
        self::assertNotSame('', $all['entries'][0]['work']);
        $this->send('GET', '/api/entries?after=yesterday');
        $this->assertStatus(422);
        $this->send('GET', '/api/entries?from=someday');
        $this->assertStatus(422);
    }

    public function testTheTableHoldsExactlyWhatIsShown(): void
    {
        $this->signInto();
        $one = $this->newAthlete();
        $this->log($one, 12, '2026-11-02T17:00:00Z');
        $this->log($this->newAthlete(), 40, '2026-11-02T17:00:00Z');
        $this->send('GET', '/api/entries/csv?athlete='.$one);
        $this->assertStatus(200);
        $lines = explode("\n", trim((string) $this->browser->getInternalResponse()->getContent()));
        self::assertCount(2, $lines);
        self::assertStringContainsString(',12,0,miss,yes,', $lines[1]);
    }

    private function log(string $athlete, int $reps, string $at): void
    {
        $this->send('PUT', '/api/attempts/'.self::id(), [
            'athleteId' => $athlete,
            'drill' => 'ten-in-a-row',
            'kind' => 'streak',
            'reps' => $reps,
            'end' => 'miss',
            'at' => $at,
        ]);
        $this->assertStatus(201);
    }
}
