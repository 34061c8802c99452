<?php

declare(strict_types=1);

namespace Zumbo\App\Sets;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\Core\Sets\Interval\IntervalError;
use Zumbo\Core\Sets\Interval\IntervalSet;

/**
 * An interval set as a coach builds it: written, or field by field.
 */
final readonly class IntervalInput
{
    public function __construct(
        /** Like `20/10 x8`, or `20/10 x2: hops, tall singles`; wins over the fields. */
        #[Assert\Length(max: 600)] public ?string $text = null,
        #[Assert\Range(min: 1, max: IntervalSet::LONGEST_S)] public int $workS = 20,
        #[Assert\Range(min: 0, max: IntervalSet::LONGEST_S)] public int $restS = 10,
        #[Assert\Range(min: 1, max: IntervalSet::MOST_ROUNDS)] public int $rounds = 8,
        /** Names of the stations of a circuit, parted by commas. */
        #[Assert\Length(max: 500)] public string $stations = '',
    ) {
    }

    /** @throws BadField naming the text or the stations */
    public function set(): IntervalSet
    {
        try {
            return null !== $this->text
                ? IntervalSet::parse($this->text)
                : IntervalSet::of(
                    $this->workS,
                    $this->restS,
                    $this->rounds,
                    '' === trim($this->stations) ? [] : explode(',', $this->stations),
                );
        } catch (IntervalError $e) {
            $field = null === $this->text ? 'stations' : 'text';
            throw BadField::of($field, $this->{$field}, $e->accepted, ucfirst($e->getMessage()).'.');
        }
    }
}
