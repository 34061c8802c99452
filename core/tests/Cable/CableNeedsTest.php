<?php

declare(strict_types=1);

namespace Zumbo\Core\Tests\Cable;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Zumbo\Core\Cable\CableFamily;
use Zumbo\Core\Cable\CableFit;
use Zumbo\Core\Cable\CableNeeds;
use Zumbo\Core\Stage\Stage;

/** Common practice, no published source: learn on what is felt, thinner with skill, wire last. */
final class CableNeedsTest extends TestCase
{
    #[DataProvider('cables')]
    public function testTheCableIsJudgedByStage(Stage $stage, CableFamily $family, CableFit $fit): void
    {
        self::assertSame($fit, CableNeeds::of($stage, $family)->fit);
    }

    /**
     * @return iterable<string, array{Stage, CableFamily, CableFit}>
     */
    public static function cables(): iterable
    {
        yield 'beads to learn on' => [Stage::Join, CableFamily::Beaded, CableFit::Right];
        yield 'thin steel to learn on' => [Stage::Singles, CableFamily::CoatedSteel, CableFit::TooLight];
        yield 'wire for first doubles' => [Stage::Mix, CableFamily::ThinWire, CableFit::TooLight];
        yield 'beads for first doubles' => [Stage::Snap, CableFamily::Beaded, CableFit::TooHeavy];
        yield 'thick cord for linked doubles' => [Stage::Link, CableFamily::ThickCord, CableFit::TooHeavy];
        yield 'thin steel for linked doubles' => [Stage::Hold, CableFamily::CoatedSteel, CableFit::Right];
    }

    public function testTheNextOneComesWithItsStageAndWireWithCoveredShins(): void
    {
        $next = CableNeeds::of(Stage::Singles, CableFamily::ThickCord);
        self::assertSame([CableFamily::MediumCord, Stage::Range], [$next->next, $next->nextFrom]);
        self::assertSame('cable.next_wire', CableNeeds::of(Stage::Hold, CableFamily::CoatedSteel)->nextReason?->code);
        self::assertNull(CableNeeds::of(Stage::Singles, CableFamily::CoatedSteel)->next, 'change this one first');
        self::assertNull(CableNeeds::of(Stage::Workout, CableFamily::ThinWire)->next);
    }

    public function testARightCableIsReplacedByItsKind(): void
    {
        self::assertSame(CableFamily::ThinWire, CableNeeds::of(Stage::Hold, CableFamily::ThinWire)->toBuy);
        self::assertSame(CableFamily::ThickCord, CableNeeds::of(Stage::Jump, CableFamily::ThinWire)->toBuy);
        self::assertSame(CableFamily::MediumCord, CableNeeds::of(Stage::Range, null)->toBuy);
    }

    public function testNobodyIsGivenACableThatIsTooLight(): void
    {
        self::assertFalse(CableNeeds::mayHave(Stage::Join, CableFamily::ThinWire));
        self::assertTrue(CableNeeds::mayHave(Stage::Hold, CableFamily::Beaded));
        self::assertSame(CableFit::Unknown, CableNeeds::of(Stage::Join, null)->fit);
    }
}
