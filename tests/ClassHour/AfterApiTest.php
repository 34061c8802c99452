<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\ClassHour;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Entity\Gym\Role;
use Zumbo\App\Tests\ApiTestCase;

final class AfterApiTest extends ApiTestCase
{
    public function testOnePageSaysWhoDidWhatAndWhatIsNext(): void
    {
        $this->signInto();
        $ilse = $this->athleteCalled('Ilse Tannow');
        $this->athleteCalled('Bram Oosterveel');
        self::assertSame('Nothing was logged tonight yet', $this->send('GET', '/api/class-after')['title']['sentence']);
        $this->log($ilse, 12);
        $this->log($ilse, 9);
        $after = $this->send('GET', '/api/class-after');
        $this->assertStatus(200);
        self::assertSame('1 person, 2 entries', $after['title']['sentence']);
        self::assertSame([['Bram Oosterveel'], 2], [$after['idle'], $after['entries']]);
        [$row] = $after['rows'];
        self::assertSame(['Ilse Tannow', '21 reps, 2 missed'], [$row['name'], $row['did']]);
        self::assertNull($row['record'], 'a first day is no record');
        self::assertSame(23, $row['contacts'], 'a missed jump is a contact');
        self::assertNotSame('', $row['next']);
    }

    public function testMoreThanEverBeforeIsARecord(): void
    {
        $gym = $this->signInto();
        $ilse = $this->athleteCalled('Ilse Tannow');
        $this->log($ilse, 12);
        $this->threeDaysAgo($gym);
        self::assertNull($this->log($ilse, 9)['rows'][0]['record'], 'less is none');
        $this->log($ilse, 15);
        self::assertSame(15, $this->send('GET', '/api/class-after')['rows'][0]['record']);
    }

    public function testAGateThatOpensTonightIsTold(): void
    {
        $gym = $this->signInto();
        $ilse = $this->athleteCalled('Ilse Tannow');
        $this->log($ilse, 8);
        $this->threeDaysAgo($gym);
        self::assertNull($this->log($ilse, 20)['rows'][0]['gateOpened']);
        for ($i = 0; $i < 14; ++$i) {
            $after = $this->log($ilse, 60, 'stopped');
        }
        self::assertSame('Hold', $after['rows'][0]['gateOpened'] ?? null);
        self::assertStringContainsString('1 gate opened', $after['title']['sentence']);
        self::assertStringStartsWith('On to Workout', $after['rows'][0]['next']);
    }

    public function testOneTouchConfirmsItAndEndsTheClock(): void
    {
        $this->signInto(name: 'Maren Quill');
        $clock = ['programmes' => [['title' => 'All', 'text' => '20/10 x8']], 'linkSecret' => str_repeat('x', 22)];
        $this->send('PUT', '/api/class-clock/'.self::id(), $clock);
        $id = self::id();
        $after = $this->send('PUT', '/api/class-after/'.$id);
        self::assertSame('Maren Quill', $after['confirmedBy']);
        self::assertSame($after['confirmedAt'], $this->send('PUT', '/api/class-after/'.$id)['confirmedAt']);
        $hex = str_replace('-', '', $id);
        self::assertSame(1, (int) self::connection()->fetchOne('SELECT COUNT(*) FROM class_end WHERE id = UNHEX(?)', [$hex]));
        self::assertNull($this->send('GET', '/api/class-clock')['clock']);
    }

    public function testTheTableComesAsCsv(): void
    {
        $gym = $this->signInto();
        $this->log($this->athleteCalled('=Ilse, called "Tannow"'), 12);
        $this->send('GET', '/api/class-after/csv');
        $this->assertStatus(200);
        self::assertStringContainsString('"\'=Ilse, called ""Tannow""","12 reps, 1 missed",1,13', $this->body());
        $this->signInto($gym, Role::Helper);
        $this->send('GET', '/api/class-after/csv');
        $this->assertStatus(403);
    }

    private function athleteCalled(string $name): string
    {
        $id = self::id();
        $this->send('PUT', '/api/athletes/'.$id, self::athlete(['name' => $name, 'experience' => 'linked-doubles']));
        $this->assertStatus(201);

        return $id;
    }

    private function threeDaysAgo(Uuid $gym): void
    {
        $of = [$gym->toBinary()];
        self::connection()->executeStatement('UPDATE attempt SET logged_at = logged_at - INTERVAL 3 DAY WHERE gym_id = ?', $of);
        self::connection()->executeStatement('UPDATE practice SET local_day = local_day - INTERVAL 3 DAY WHERE gym_id = ?', $of);
        self::recount($gym);
    }

    /**
     * @return array<string, mixed> the page after it
     */
    private function log(string $athlete, int $reps, string $end = 'miss'): array
    {
        $entry = ['athleteId' => $athlete, 'drill' => 'big-sets', 'kind' => 'streak', 'reps' => $reps, 'end' => $end];
        $this->send('PUT', '/api/attempts/'.self::id(), $entry);
        $this->assertStatus(201);

        return $this->send('GET', '/api/class-after');
    }
}
