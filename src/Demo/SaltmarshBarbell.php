<?php

declare(strict_types=1);

namespace Zumbo\App\Demo;

use Zumbo\App\Entity\Gym\DemoCoach;
use Zumbo\App\Entity\People\DominantHand;
use Zumbo\Core\Body\BodyPart;
use Zumbo\Core\Body\Caution;
use Zumbo\Core\Cable\CableFamily;
use Zumbo\Core\Stage\Experience;
use Zumbo\Core\Stage\Stage;

/**
 * The invented gym of the demo: its coaches, its rack, and the fourteen athletes of the evening class with their
 * stories.
 */
final class SaltmarshBarbell
{
    public const NAME = 'Saltmarsh Barbell';
    public const TIME_ZONE = 'Europe/London';
    /** The boathouse: its floor is long and its beams are low. */
    public const HALL_WIDTH_M = 17.0;
    public const HALL_DEPTH_M = 10.5;
    public const CEILING_M = 2.9;
    public const OWNER_EMAIL = DemoCoach::EMAIL;
    public const OWNER_NAME = 'Maren Quill';
    public const COACH_EMAIL = 'ewan@saltmarsh.example';
    public const COACH_NAME = 'Ewan Sallow';
    public const HELPER_EMAIL = 'jory@saltmarsh.example';
    public const HELPER_NAME = 'Jory Penhale';

    /** Days before the end → what was noted of that evening. */
    public const NOTES = [
        2 => "Warm-up took twelve minutes: start the clock earlier.\nMats at the far wall slide; chalk marks for the spots.",
        4 => 'Good evening. Half the group asked for longer rests between rungs.',
    ];
    public const PASSWORD = DemoCoach::PASSWORD;

    /** Cable lengths of the shared ropes in cm, by family. */
    private const RACK = [
        'beaded' => [205, 225, 245, 265],
        'thick-cord' => [195, 210, 220, 230, 240, 250, 260, 275],
        'medium-cord' => [215, 225, 235, 245, 255],
        'coated-steel' => [230],
    ];

    /**
     * @return list<DemoAthlete>
     */
    public static function athletes(): array
    {
        return [
            new DemoAthlete(
                'Ilse Tannow',
                168,
                34,
                Experience::Singles,
                new HiddenTruth([
                    0 => [Stage::Range, 18.0, 60.0],
                    3 => [Stage::Snap, 1.6, 5.0],
                    7 => [Stage::Mix, 60.0, 260.0],
                ]),
            ),
            // Ready, and does not know it: the gate of Mix is open by now.
            new DemoAthlete(
                'Femi Adarou',
                181,
                27,
                Experience::Singles,
                new HiddenTruth([0 => [Stage::Snap, 3.0, 9.0], 4 => [Stage::Mix, 150.0, 1500.0]], badDays: 0.0),
            ),
            new DemoAthlete(
                'Priya Nandakar',
                159,
                31,
                Experience::SomeDoubles,
                new HiddenTruth([0 => [Stage::Mix, 150.0, 500.0], 6 => [Stage::Link, 5.0, 11.0]]),
                tapedArmpitCm: 123,
            ),
            // A shorter rope in the ninth week hurt for two weeks and then helped.
            new DemoAthlete(
                'Bram Oosterveel',
                203,
                42,
                Experience::Singles,
                new HiddenTruth(
                    [0 => [Stage::Range, 15.0, 45.0], 5 => [Stage::Snap, 1.6, 2.4]],
                    ropes: [8 => 0.5, 10 => 1.8],
                    badDays: 0.0,
                ),
                ropeWeek: 8,
            ),
            new DemoAthlete(
                'Lucía Ferrandiz',
                163,
                22,
                Experience::None,
                new HiddenTruth([0 => [Stage::Join, 6.0, 20.0], 4 => [Stage::Singles, 30.0, 110.0]]),
                hand: DominantHand::Left,
                ropeIsLookedOver: false,
            ),
            new DemoAthlete(
                'Kwabena Osei-Tull',
                178,
                38,
                Experience::None,
                new HiddenTruth([0 => [Stage::Turn, 8.0, 30.0], 6 => [Stage::Join, 4.0, 9.0]]),
            ),
            // A plateau: five weeks in which nothing got better.
            new DemoAthlete(
                'Signe Halvorsdal',
                172,
                45,
                Experience::Singles,
                new HiddenTruth(
                    [0 => [Stage::Singles, 60.0, 320.0], 4 => [Stage::Range, 16.0, 30.0]],
                    plateau: [6, 11],
                ),
                trimWeeks: [6, 9],
                focus: 'uneven-jumps',
            ),
            new DemoAthlete(
                'Dmitri Palenko',
                186,
                51,
                Experience::Singles,
                new HiddenTruth([0 => [Stage::Range, 12.0, 18.0]], missed: [4, 5]),
                cautions: [
                    new DemoCaution(Caution::Pain, BodyPart::Achilles, 4, 24, 'Left side, after the beach run', 12,
                        'No pain in a week, hops without it'),
                    new DemoCaution(Caution::EasyWeeks, daysAgo: 12, note: 'Easy weeks after the Achilles', daysLeft: 9),
                ],
            ),
            // Good and bad days far apart.
            new DemoAthlete(
                'Noor Haddawi',
                165,
                29,
                Experience::LinkedDoubles,
                new HiddenTruth([0 => [Stage::Link, 12.0, 40.0], 5 => [Stage::Hold, 25.0, 50.0]], badDays: 0.3),
                focus: 'tension',
            ),
            // Misses come with tiredness.
            new DemoAthlete(
                'Callum Reikie',
                175,
                24,
                Experience::LinkedDoubles,
                new HiddenTruth([0 => [Stage::Hold, 40.0, 60.0], 5 => [Stage::Workout, 24.0, 27.0]], shape: 2.0),
                hand: DominantHand::Left,
            ),
            // Grew four centimetres out of her rope.
            new DemoAthlete(
                'Wen Jiahui',
                142,
                13,
                Experience::SomeDoubles,
                new HiddenTruth([0 => [Stage::Snap, 2.0, 6.0], 5 => [Stage::Link, 4.0, 9.0]]),
                growth: [0 => 138, 6 => 140, 11 => 142],
                guardianConsent: true,
            ),
            new DemoAthlete(
                'Rosalind Peake',
                161,
                64,
                Experience::None,
                new HiddenTruth([0 => [Stage::Turn, 5.0, 14.0]], missed: [2]),
                cautions: [
                    new DemoCaution(Caution::Pain, BodyPart::Shin, 3, 2, 'Both sides, since the last class'),
                ],
            ),
            new DemoAthlete(
                'Tomasz Wierzba',
                190,
                36,
                Experience::None,
                new HiddenTruth([9 => [Stage::Jump, 40.0, 160.0]]),
                keepsRope: false,
            ),
            // Away for three weeks, and a step back after it.
            new DemoAthlete(
                'Yara Benmoussa',
                170,
                19,
                Experience::LinkedDoubles,
                new HiddenTruth(
                    [0 => [Stage::Link, 15.0, 40.0], 3 => [Stage::Hold, 24.0, 38.0]],
                    missed: [6, 7, 8],
                    ropes: [9 => 0.7, 11 => 1.0],
                ),
                keepsRope: false,
            ),
        ];
    }

    /**
     * @return list<array{string, float, CableFamily}> tag, cable in metres, family
     */
    public static function rack(): array
    {
        $ropes = [];
        foreach (self::RACK as $family => $lengths) {
            foreach ($lengths as $cm) {
                $ropes[] = [$cm / 100, CableFamily::from($family)];
            }
        }
        usort($ropes, static fn (array $a, array $b): int => [$a[0], $a[1]->value] <=> [$b[0], $b[1]->value]);

        return array_map(
            static fn (array $rope, int $i): array => ['R'.($i + 1), $rope[0], $rope[1]],
            $ropes,
            array_keys($ropes),
        );
    }
}
