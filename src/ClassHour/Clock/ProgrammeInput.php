<?php

declare(strict_types=1);

namespace Zumbo\App\ClassHour\Clock;

use Symfony\Component\Validator\Constraints as Assert;
use Zumbo\App\Platform\Problem\BadField;
use Zumbo\Core\Sets\Interval\IntervalError;
use Zumbo\Core\Sets\Interval\IntervalProgramme;

/**
 * What some of the class do under the clock.
 */
final readonly class ProgrammeInput
{
    /**
     * @param list<string> $athletes ids; nobody: for whoever stands there
     */
    public function __construct(
        #[Assert\Length(min: 1, max: 60)] public string $title,
        /** An interval programme in the notation, like `20/10 x8`. */
        #[Assert\Length(min: 1, max: 4000)] public string $text,
        public bool $keepLastRest = false,
        #[Assert\Count(max: 200)] #[Assert\All([new Assert\Uuid()])] public array $athletes = [],
    ) {
    }

    /**
     * @return array{title: string, text: string, keepLastRest: bool, athletes: list<string>}
     *
     * @throws BadField naming the text, when it can't be read
     */
    public function kept(int $at): array
    {
        try {
            $text = IntervalProgramme::parse($this->text, $this->keepLastRest)->text();
        } catch (IntervalError $e) {
            throw BadField::of("programmes[$at].text", $this->text, $e->accepted, ucfirst($e->getMessage()).'.');
        }

        return [
            'title' => trim($this->title),
            'text' => $text,
            'keepLastRest' => $this->keepLastRest,
            'athletes' => array_values(array_unique($this->athletes)),
        ];
    }
}
