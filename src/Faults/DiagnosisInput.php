<?php

declare(strict_types=1);

namespace Zumbo\App\Faults;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\Core\Fault\Sign;

/**
 * What a coach noticed.
 */
final readonly class DiagnosisInput
{
    public function __construct(
        /** Signs, parted by commas, like `catches-toes,hands-drift-out`. */
        #[Assert\NotBlank] #[Assert\Length(max: 1000)] public string $signs = '',
        /** Since its last change, and the athlete has not grown. */
        #[Assert\Choice(choices: ['yes', 'no'])] public string $ropeChecked = 'no',
    ) {
    }

    /**
     * @return non-empty-list<Sign>
     *
     * @throws BadField naming a sign that is none
     */
    public function signs(): array
    {
        return array_map(
            static fn (string $sign): Sign => Sign::tryFrom(trim($sign)) ??
                throw BadField::of('signs', $sign, 'some of '.implode(', ', array_column(Sign::cases(), 'value'))),
            array_values(array_unique(explode(',', $this->signs))),
        );
    }
}
