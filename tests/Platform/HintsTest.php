<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Platform;

use Symfony\Component\Uid\Uuid;
use Zumbo\App\Platform\Live\Hints;
use Zumbo\App\Tests\ApiTestCase;

/**
 * A write tells the gym's screens its revision and what it is about, so that none of them has to ask.
 */
final class HintsTest extends ApiTestCase
{
    public function testAWriteTellsWhichRevisionItMadeAndOfWhat(): void
    {
        $gym = $this->signInto();
        $hints = new class implements Hints {
            /** @var list<array{string, int, string|null}> */
            public array $told = [];

            public function changed(Uuid $gym, int $revision, ?string $kind): void
            {
                $this->told[] = [$gym->toRfc4122(), $revision, $kind];
            }
        };
        self::getContainer()->set(Hints::class, $hints);
        $id = $this->newAthlete();
        $first = $this->revision();
        $this->send('PUT', '/api/attempts/'.self::id(), [
            'athleteId' => $id,
            'drill' => 'hundred',
            'kind' => 'streak',
            'reps' => 9,
            'end' => 'miss',
        ]);
        self::assertSame(
            [[$gym->toRfc4122(), $first, 'athlete'], [$gym->toRfc4122(), $first + 1, 'attempt']],
            $hints->told,
        );
        self::assertSame($first + 1, $this->revision());
    }

    private function revision(): int
    {
        return (int) $this->response()->headers->get('Zumbo-Revision');
    }
}
