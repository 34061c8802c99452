<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\ClassHour;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Tests\ApiTestCase;

/**
 * What coaches note of their evenings.
 */
final class NotesApiTest extends ApiTestCase
{
    public function testANoteIsWrittenWordedAnewTakenAwayAndBroughtBack(): void
    {
        $gym = $this->signInto(role: Role::Coach, name: 'Ewan Sallow');
        $id = self::id();
        $this->send('PUT', '/api/notes/'.$id, ['text' => " Two new mats.\nOda's knee again. "]);
        $this->assertStatus(201);
        $this->send('PUT', '/api/notes/'.$id, ['text' => " Two new mats.\nOda's knee again. "]);
        $this->assertStatus(200);
        $page = $this->send('GET', '/api/notes');
        self::assertSame([[$page['today'], "Two new mats.\nOda's knee again.", 'Ewan Sallow']], array_map(
            static fn (array $note): array => [$note['localDay'], $note['text'], $note['by']],
            $page['notes'],
        ));
        $this->send('PATCH', '/api/notes/'.$id, ['text' => 'Two new mats.'], self::change(1));
        $this->assertStatus(200);
        $this->send('PATCH', '/api/notes/'.$id, ['text' => 'Three'], self::change(1));
        $this->assertStatus(409);
        $this->send('DELETE', '/api/notes/'.$id, null, self::change(2));
        self::assertSame([], $this->texts());
        $this->send('POST', '/api/notes/'.$id.'/restore', null, self::change(3));
        self::assertSame(['Two new mats.'], $this->texts());
        foreach (['', '  ', str_repeat('x', 2001)] as $wrong) {
            $this->send('PUT', '/api/notes/'.self::id(), ['text' => $wrong]);
            $this->assertProblem('text');
        }
        $this->signInto($gym, Role::Helper);
        $this->send('GET', '/api/notes');
        $this->assertStatus(403);
    }

    public function testTheyComeByWholeEvenings(): void
    {
        $gym = $this->signInto();
        for ($i = 0; $i < 70; ++$i) {
            // Two an evening, but for three on the one at which a page would end.
            self::connection()->insert('evening_note', [
                'gym_id' => $gym->toBinary(),
                'id' => Uuid::v7()->toBinary(),
                'local_day' => (new \DateTimeImmutable('2026-11-24'))->modify('-'.intdiv($i + 1, 2).' days')->format('Y-m-d'),
                'text' => "note $i",
                'written_by' => '',
                'written_at' => '2026-11-24 18:00:00',
            ]);
        }
        $first = $this->send('GET', '/api/notes');
        self::assertCount(59, $first['notes']);
        $second = $this->send('GET', '/api/notes?before='.$first['next']);
        self::assertSame([11, null], [\count($second['notes']), $second['next']]);
        self::assertCount(70, array_unique([...array_column($first['notes'], 'text'), ...array_column($second['notes'], 'text')]));
        $this->send('GET', '/api/notes?before=soon');
        $this->assertProblem('before');
    }

    /**
     * @return list<string>
     */
    private function texts(): array
    {
        return array_column($this->send('GET', '/api/notes')['notes'], 'text');
    }
}
