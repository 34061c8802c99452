<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Log;

use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Shared\Sheet\ReadSheet;
use Zumbo\App\Tests\ApiTestCase;

/**
 * A log that a coach kept in a spreadsheet comes in.
 */
final class EntryListApiTest extends ApiTestCase
{
    private const LIST = "date,name,reps,misses\n2026-03-03,Femi,38,2\n2026-03-05,Ilse,12,7\n2026-03-05,Nobody,1,1\n";

    public function testItIsLookedAtAndAddedOnceAndTakenBack(): void
    {
        $gym = $this->gym();
        $seen = $this->list('POST', '', self::LIST);
        $this->assertStatus(200);
        self::assertSame('2 new entries; one line needs a look', $seen['sentence']);
        self::assertSame([['name', 4, 'Nobody']], array_map(
            static fn (array $fault): array => [$fault['field'], $fault['line'], $fault['value']],
            $seen['faults'],
        ));
        self::assertSame(['date', 'name', 'reps', 'misses'], array_column($seen['columns'], 'meaning'));
        self::assertNotContains('one-minute', array_column($seen['drills'], 'code'), 'seconds are counted in it');
        $id = self::id();
        $this->list('PUT', "/$id?drill=big-sets", self::LIST);
        $this->assertStatus(201);
        $again = $this->list('PUT', "/$id?drill=big-sets", self::LIST);
        $this->assertStatus(200);
        self::assertSame([2, []], [$again['there'], $again['entries']]);
        self::assertSame([
            ['Femi', '2026-03-03', 'big-sets', 'hold', 'sum', 38, 2],
            ['Ilse', '2026-03-05', 'big-sets', 'hold', 'sum', 12, 7],
        ], array_map(array_values(...), self::entries($gym->toBinary())));
        $sums = self::sums($gym->toBinary());
        self::assertSame([[38, 2], [12, 7]], $sums);
        self::recount($gym);
        self::assertSame($sums, self::sums($gym->toBinary()), 'the kept sums are those of the entries');

        $other = $this->list('PUT', '/'.self::id().'?drill=big-sets', self::LIST."2026-03-05,Ilse,13,7\n");
        self::assertSame([], $other['entries']);
        self::assertCount(3, self::entries($gym->toBinary()), 'what the log has does not come twice');
        $back = self::change(1);
        $this->send('DELETE', '/api/entry-lists/'.$id, null, $back);
        $this->assertStatus(204);
        $this->send('DELETE', '/api/entry-lists/'.$id, null, $back);
        $this->assertStatus(204);
        self::assertSame([13], array_column(self::entries($gym->toBinary()), 'reps'), 'and only its own are taken back');
        self::assertSame([[13, 7]], self::sums($gym->toBinary()));
    }

    public function testWithoutMissesEachLineIsAGo(): void
    {
        $gym = $this->gym();
        $text = "Day;Who;Unbroken\n3/4/2026;Femi;38\n";
        self::assertSame([true, false, []], (static fn (array $seen): array => [
            $seen['dayOrderAsked'], $seen['hasMisses'], $seen['entries'],
        ])($this->list('POST', '', $text)));
        $this->list('PUT', '/'.self::id().'?drill=hundred&order=month-first', $text);
        $this->assertStatus(201);
        [$entry] = self::entries($gym->toBinary());
        self::assertSame(['2026-03-04', 'streak', 38, 'singles'], [$entry['day'], $entry['kind'], $entry['reps'], $entry['stage']]);
        self::assertSame('miss', self::connection()->fetchOne('SELECT ended FROM attempt WHERE gym_id = ?', [$gym->toBinary()]));
    }

    /** Written by openpyxl and odfpy, see files/make.py. */
    #[TestWith(['log.xlsx', ReadSheet::XLSX])]
    #[TestWith(['log.ods', ReadSheet::ODS])]
    public function testASpreadsheetsDays(string $file, string $type): void
    {
        $gym = $this->gym();
        $this->list('PUT', '/'.self::id().'?drill=big-sets', (string) file_get_contents(__DIR__.'/files/'.$file), $type);
        $this->assertStatus(201);
        self::assertSame([['2026-03-03', 38], ['2026-03-05', 12]], array_map(
            static fn (array $one): array => [$one['day'], $one['reps']],
            self::entries($gym->toBinary()),
        ));
    }

    public function testItSaysWhatIsMissing(): void
    {
        $this->gym();
        foreach (['', '?drill=one-minute', '?drill=none'] as $without) {
            $this->list('PUT', '/'.self::id().$without, self::LIST);
            $this->assertProblem('drill', 'big-sets');
        }
        $mended = $this->list('POST', '?columns=0:date,1:name,2:misses,3:reps', "2026-03-03,Femi,2,38\n2026-03-04,Femi,few,38\n");
        self::assertSame([38, 2], [$mended['entries'][0]['reps'], $mended['entries'][0]['misses']]);
        self::assertSame(['misses'], array_column($mended['faults'], 'field'));
        $this->list('POST', '?order=sideways', self::LIST);
        $this->assertProblem('order');
        $this->signInto($this->gym(), Role::Helper);
        $this->list('POST', '', self::LIST);
        $this->assertStatus(403);
    }

    private function gym(): Uuid
    {
        $gym = $this->signInto();
        foreach (['Femi', 'Ilse'] as $name) {
            $this->send('PUT', '/api/athletes/'.self::id(), self::athlete(['name' => $name]));
        }

        return $gym;
    }

    /**
     * @return array<mixed>
     */
    private function list(string $method, string $path, string $list, string $type = ReadSheet::TEXT): array
    {
        return $this->send($method, '/api/entry-lists'.$path, $list, ['Content-Type' => $type]);
    }

    /**
     * @return list<array<string, mixed>>
     */
    private static function entries(string $gym): array
    {
        return self::connection()->fetchAllAssociative(
            'SELECT w.name, p.local_day AS day, s.drill, a.stage, a.kind, a.reps, a.misses FROM attempt a
             JOIN practice_set s ON s.gym_id = a.gym_id AND s.id = a.set_id JOIN practice p ON p.gym_id = s.gym_id AND p.id = s.practice_id
             JOIN athlete w ON w.gym_id = a.gym_id AND w.id = a.athlete_id
             WHERE a.gym_id = ? AND a.removed_at IS NULL ORDER BY a.logged_at',
            [$gym],
        );
    }

    /**
     * @return list<list<mixed>>
     */
    private static function sums(string $gym): array
    {
        return self::connection()->fetchAllNumeric('SELECT reps, misses FROM day_sum WHERE gym_id = ? ORDER BY local_day', [$gym]);
    }
}
