<?php

declare(strict_types=1);

namespace Zumbo\App\Sets\Interval;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\Core\Sets\Interval\IntervalError;
use Zumbo\Core\Sets\Interval\IntervalProgramme;
use Zumbo\Core\Sets\Interval\IntervalSet;

/**
 * An interval set as a coach builds it: written, or field by field.
 */
final readonly class IntervalInput
{
    public function __construct(
        /** Like `20/10 x8`, `20/10 x2: hops, tall singles` or `(20/10 x4; rest 60) x2`; wins over the fields. */
        #[Assert\Length(max: 600)] public ?string $text = null,
        #[Assert\Range(min: 1, max: IntervalSet::LONGEST_S)] public int $workS = 20,
        #[Assert\Range(min: 0, max: IntervalSet::LONGEST_S)] public int $restS = 10,
        #[Assert\Range(min: 1, max: IntervalSet::MOST_ROUNDS)] public int $rounds = 8,
        /** Names of the stations of a circuit, parted by commas. */
        #[Assert\Length(max: 500)] public string $stations = '',
        /** The rest after the last work too. */
        public bool $keepLastRest = false,
    ) {
    }

    /** @throws BadField naming the text or the stations */
    public function set(): IntervalProgramme
    {
        try {
            return null !== $this->text
                ? IntervalProgramme::parse($this->text, $this->keepLastRest)
                : IntervalProgramme::of(
                    IntervalSet::of(
                        $this->workS,
                        $this->restS,
                        $this->rounds,
                        '' === trim($this->stations) ? [] : explode(',', $this->stations),
                    ),
                    $this->keepLastRest,
                );
        } catch (IntervalError $e) {
            $field = null === $this->text ? 'stations' : 'text';
            throw BadField::of($field, $this->{$field}, $e->accepted, ucfirst($e->getMessage()).'.');
        }
    }
}
