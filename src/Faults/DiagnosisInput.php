<?php

declare(strict_types=1);

namespace Zumbo\App\Faults;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\Core\Fault\Exertion;
use Zumbo\Core\Fault\Observed;
use Zumbo\Core\Fault\Sign;

/**
 * What a coach noticed, and knows beside it.
 */
final readonly class DiagnosisInput
{
    public function __construct(
        /** Signs, parted by commas, like `catches-toes,hands-drift-out`. */
        #[Assert\Length(max: 2000)] public string $signs = '',
        /** Signs that were looked at and are fine, parted in the same way. */
        #[Assert\Length(max: 2000)] public string $fine = '',
        /** Signs of which nobody could tell: not asked again. */
        #[Assert\Length(max: 2000)] public string $untold = '',
        /** The length, since its last change, and the athlete has not grown. */
        #[Assert\Choice(choices: ['yes', 'no'])] public string $ropeChecked = 'no',
        /** Kinks, bearings, sides: looked over today. */
        #[Assert\Choice(choices: ['yes', 'no'])] public string $ropeInspected = 'no',
        /** Empty: nobody said. */
        #[Assert\Choice(choices: ['', 'yes', 'no'])] public string $tired = '',
        /** How hard it was, 1 to 10; left out: not asked. */
        #[Assert\Range(min: 1, max: Exertion::MOST)] public ?int $effort = null,
    ) {
    }

    /** @throws BadField naming a sign that is none, or that nothing was noted */
    public function observed(): Observed
    {
        $seen = self::read('signs', $this->signs);
        if ([] === $seen && 'yes' !== $this->tired) {
            throw BadField::of('signs', $this->signs, 'at least one sign, or that they are tired');
        }

        return Observed::of($seen, self::read('fine', $this->fine), self::read('untold', $this->untold));
    }

    /**
     * @return list<Sign>
     */
    private static function read(string $field, string $given): array
    {
        return '' === trim($given) ? [] : array_map(
            static fn (string $sign): Sign => Sign::tryFrom(trim($sign)) ??
                throw BadField::of($field, $sign, 'some of '.implode(', ', array_column(Sign::cases(), 'value'))),
            array_values(array_unique(explode(',', $given))),
        );
    }
}
