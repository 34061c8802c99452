<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Platform;

use Symfony\Component\Uid\UuidV7;
use Zumbo\App\Platform\Gym\GymScope;
use Zumbo\App\Platform\Write\PruneWrites;
use Zumbo\App\Tests\ApiTestCase;

final class PruneWritesTest extends ApiTestCase
{
    public function testOnlyWhatNobodyAsksForIsForgotten(): void
    {
        $gym = $this->signInto()->toBinary();
        self::connection()->update('gym', ['revision' => 10_500], ['id' => $gym]);
        foreach ([181 => 499, 179 => 501] as $daysAgo => $revision) {
            $id = UuidV7::fromString(UuidV7::generate(new \DateTimeImmutable("-$daysAgo days")))->toBinary();
            self::connection()->insert('mutation', [
                'gym_id' => $gym,
                'id' => $id,
                'body_hash' => str_repeat('h', 32),
                'revision' => $revision,
            ]);
            self::connection()->insert('gym_change', [
                'gym_id' => $gym,
                'revision' => $revision,
                'kind' => 'attempt',
                'row_id' => $id,
            ]);
        }
        self::service(GymScope::class)->enter(UuidV7::fromBinary($gym));
        self::service(PruneWrites::class)->doIt();
        self::service(GymScope::class)->leave();
        foreach (['mutation', 'gym_change'] as $table) {
            self::assertSame(
                ['501'],
                array_map(strval(...), self::connection()->fetchFirstColumn("SELECT revision FROM $table WHERE gym_id = ?", [$gym])),
            );
        }
    }
}
