<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Stage;

use PHPUnit\Framework\TestCase;
use Zumbo\Core\Stage\Experience;
use Zumbo\Core\Stage\Phase;
use Zumbo\Core\Stage\Stage;

final class StageTest extends TestCase
{
    public function testTheTenStagesAreInTheirOrder(): void
    {
        self::assertSame(range(1, 10), array_map(static fn (Stage $stage): int => $stage->number(), Stage::cases()));
        self::assertTrue(Stage::Snap->isBefore(Stage::Mix));
        self::assertFalse(Stage::Mix->isBefore(Stage::Mix));
    }

    public function testPhasesChangeAtRangeAndAtLink(): void
    {
        self::assertSame(Phase::Learning, Stage::Singles->phase());
        self::assertSame(Phase::Approaching, Stage::Range->phase());
        self::assertSame(Phase::Approaching, Stage::Mix->phase());
        self::assertSame(Phase::Linking, Stage::Link->phase());
    }

    public function testMoreExperienceStartsLater(): void
    {
        $stages = array_map(
            static fn (Experience $experience): int => $experience->firstStage()->number(),
            Experience::cases(),
        );
        $sorted = $stages;
        sort($sorted);
        self::assertSame($sorted, $stages);
        self::assertSame(1, $stages[0]);
    }
}
