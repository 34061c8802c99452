<?php

declare(strict_types=1);

namespace Zumbo\App\Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Selector\SelectorInterface;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/**
 * Who may know whom in the application; checked by phpat when PHPStan runs. AppArrowsTest sees to it that no rule is
 * vacuous and that every slice stands in the list.
 */
final class AppArrows
{
    public const SLICES = [
        'Athletes',
        'RopeDesk',
        'Rhythm',
        'ClassHour',
        'Path',
        'Log',
        'Pacing',
        'Sets',
        'Faults',
        'Health',
        'Exchange',
        'Calc',
        'SignIn',
        'OwnGym',
        'Planner',
        'OwnCard',
        'Story',
    ];

    /** What slices stand on; each with what it may not know. */
    public const GROUND = ['Platform', 'Entity', 'Shared', 'Demo'];

    public function testPlatformKnowsNothingOfOurs(): Rule
    {
        return PHPat::rule()
            ->classes(self::folder('Platform'))
            ->shouldNot()
            ->dependOn()
            ->classes(
                self::folder('Entity'),
                self::folder('Shared'),
                self::folder('Demo'),
                Selector::inNamespace('Zumbo\Core'),
                ...self::slices(),
            )
            ->because('it is infrastructure: another application could stand on it');
    }

    public function testEntitiesKnowTheCoreAndTheGymScopeOnly(): Rule
    {
        $others = ['Api', 'Clock', 'Describe', 'Input', 'Job', 'Live', 'Problem'];

        return PHPat::rule()
            ->classes(self::folder('Entity'))
            ->shouldNot()
            ->dependOn()
            ->classes(
                self::folder('Shared'),
                self::folder('Demo'),
                ...self::slices(),
                ...array_map(static fn (string $part): SelectorInterface => self::folder('Platform\\'.$part), $others),
            )
            ->because('rows are told by slices, never the other way');
    }

    public function testSharedKnowsNoSlice(): Rule
    {
        return PHPat::rule()
            ->classes(self::folder('Shared'))
            ->shouldNot()
            ->dependOn()
            ->classes(self::folder('Demo'), ...self::slices())
            ->because('what several slices answer with belongs to none of them');
    }

    /**
     * @return iterable<string, Rule>
     */
    public function testASliceKnowsNoOther(): iterable
    {
        foreach (self::SLICES as $slice) {
            $others = array_values(array_diff([...self::SLICES, 'Demo'], [$slice]));
            yield $slice => PHPat::rule()
                ->classes(self::folder($slice))
                ->shouldNot()
                ->dependOn()
                ->classes(...array_map(self::folder(...), $others))
                ->because('slices meet in Shared and Entity');
        }
    }

    public function testOnlyPlatformAndEntityTouchTheDatabase(): Rule
    {
        return PHPat::rule()
            ->classes(self::folder('Shared'), ...self::slicesBut('SignIn'))
            ->shouldNot()
            ->dependOn()
            ->classes(Selector::inNamespace('Doctrine'))
            ->because('the gym scope has one door: Platform\Gym\GymDatabase; a session belongs to no gym');
    }

    private static function folder(string $folder): SelectorInterface
    {
        return Selector::inNamespace('Zumbo\App\\'.$folder);
    }

    /**
     * @return list<SelectorInterface>
     */
    private static function slices(): array
    {
        return array_map(self::folder(...), self::SLICES);
    }

    /**
     * @return list<SelectorInterface>
     */
    private static function slicesBut(string $one): array
    {
        return array_map(self::folder(...), array_values(array_diff(self::SLICES, [$one])));
    }
}
