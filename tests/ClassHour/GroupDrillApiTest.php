<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\ClassHour;

use Zumbo\App\Tests\ApiTestCase;

final class GroupDrillApiTest extends ApiTestCase
{
    public function testAFaultThatThreeShareIsAGroupDrillAndSetsThatAreOpenAreCounted(): void
    {
        $this->signInto();
        $ids = [];
        foreach (['Ilse Tannow', 'Bram Oosterveel', 'Femi Adarou', 'Noor Haddawi'] as $name) {
            $ids[] = $id = self::id();
            $this->send('PUT', '/api/athletes/'.$id, self::athlete(['name' => $name, 'experience' => 'linked-doubles']));
        }
        foreach (\array_slice($ids, 0, 2) as $id) {
            $this->send('PUT', '/api/focuses/'.self::id(), ['athleteId' => $id, 'fault' => 'hands-wide']);
        }
        self::assertStringContainsString('"groups":[]', $this->classText(), 'two are no group');
        $this->send('PUT', '/api/focuses/'.self::id(), ['athleteId' => $ids[2], 'fault' => 'hands-wide']);
        $group = $this->send('GET', '/api/class')['groups'][0];
        self::assertEqualsCanonicalizing(['Ilse', 'Bram', 'Femi'], $group['names']);
        self::assertStringStartsWith('3 share this fault', $group['said']['sentence']);
        $open = fn (): int => array_column($this->send('GET', '/api/class')['athletes'], 'setsOpen', 'id')[$ids[3]];
        $before = $open();
        self::assertGreaterThan(0, $before);
        $entry = ['athleteId' => $ids[3], 'drill' => 'big-sets', 'kind' => 'streak', 'reps' => 9, 'end' => 'miss'];
        $this->send('PUT', '/api/attempts/'.self::id(), $entry);
        self::assertSame($before - 1, $open());
    }

    private function classText(): string
    {
        $this->send('GET', '/api/class');

        return (string) $this->response()->getContent();
    }
}
