<?php

declare(strict_types=1);

namespace Zumbo\App\Demo;

use Zumbo\App\Record\DominantHand;
use Zumbo\Core\Body\Caution;
use Zumbo\Core\Stage\Experience;
use Zumbo\Core\Stage\Stage;

/**
 * The invented gym of the demo: its coaches and the fourteen athletes of the evening class.
 */
final class SaltmarshBarbell
{
    public const NAME = 'Saltmarsh Barbell';
    public const TIME_ZONE = 'Europe/London';
    public const OWNER_EMAIL = 'maren@saltmarsh.example';
    public const OWNER_NAME = 'Maren Quill';
    public const HELPER_EMAIL = 'jory@saltmarsh.example';
    public const HELPER_NAME = 'Jory Penhale';
    public const PASSWORD = 'harbour rope 14';

    /**
     * @return list<array{name: string, cm: int, age: int, hand: DominantHand, experience: Experience, stage: Stage, cautions: list<Caution>, note: string, keepsRope: bool}>
     */
    public static function athletes(): array
    {
        return [
            self::athlete('Ilse Tannow', 168, 34, Stage::Mix, Experience::Singles),
            self::athlete('Femi Adarou', 181, 27, Stage::Mix, Experience::Singles),
            self::athlete('Priya Nandakar', 159, 31, Stage::Link, Experience::SomeDoubles),
            self::athlete('Bram Oosterveel', 203, 42, Stage::Snap, Experience::Singles),
            self::athlete('Lucía Ferrandiz', 163, 22, Stage::Singles, Experience::None, hand: DominantHand::Left),
            self::athlete('Kwabena Osei-Tull', 178, 38, Stage::Join, Experience::None),
            self::athlete('Signe Halvorsdal', 172, 45, Stage::Range, Experience::Singles),
            self::athlete('Dmitri Palenko', 186, 51, Stage::Range, Experience::Singles, [Caution::Pain], 'Left Achilles tendon, easy weeks only'),
            self::athlete('Noor Haddawi', 165, 29, Stage::Hold, Experience::LinkedDoubles),
            self::athlete('Callum Reikie', 175, 24, Stage::Workout, Experience::LinkedDoubles, hand: DominantHand::Left),
            self::athlete('Wen Jiahui', 142, 13, Stage::Link, Experience::SomeDoubles),
            self::athlete('Rosalind Peake', 161, 64, Stage::Turn, Experience::None, [Caution::Bone], 'Cleared by her doctor for low-impact work'),
            self::athlete('Tomasz Wierzba', 190, 36, Stage::Jump, Experience::None, keepsRope: false),
            self::athlete('Yara Benmoussa', 170, 19, Stage::Hold, Experience::LinkedDoubles, keepsRope: false),
        ];
    }

    /**
     * @param list<Caution> $cautions
     *
     * @return array{name: string, cm: int, age: int, hand: DominantHand, experience: Experience, stage: Stage, cautions: list<Caution>, note: string, keepsRope: bool}
     */
    private static function athlete(string $name, int $cm, int $age, Stage $stage, Experience $experience, array $cautions = [], string $note = '', DominantHand $hand = DominantHand::Right, bool $keepsRope = true): array
    {
        return compact('name', 'cm', 'age', 'hand', 'experience', 'stage', 'cautions', 'note', 'keepsRope');
    }
}
