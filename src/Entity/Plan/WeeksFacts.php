<?php

declare(strict_types=1);

namespace Zumbo\App\Entity\Plan;

use Zumbo\Core\Method\Dose;
use Zumbo\Core\Plan\Weeks\WeeksWish;
use Zumbo\Core\Stage\Stage;

/**
 * What some weeks of an athlete rest on, as it is kept: the weeks themselves are made of it.
 *
 * @phpstan-type Facts array{stage: string, dose: string, age: int|null, classDays: list<int>, homeDays: list<int>,
 *     weeksContacts: list<int>, mayJump: bool, easy: bool, daysSincePain: int|null,
 *     lighterFrom: int|null, mayWork: bool}
 */
final readonly class WeeksFacts
{
    private function __construct(public WeeksWish $wish)
    {
    }

    public static function of(WeeksWish $wish): self
    {
        return new self($wish);
    }

    /**
     * @param Facts $row
     */
    public static function read(array $row): self
    {
        return new self(WeeksWish::of(
            Stage::from($row['stage']),
            $row['classDays'],
            $row['homeDays'],
            $row['weeksContacts'],
            Dose::from($row['dose']),
            $row['age'],
            WeeksWish::USUAL_WEEKS,
            $row['mayJump'],
            $row['easy'],
            $row['daysSincePain'],
            $row['lighterFrom'],
            $row['mayWork'],
        ));
    }

    /**
     * @return Facts
     */
    public function row(): array
    {
        return [
            'stage' => $this->wish->stage->value,
            'dose' => $this->wish->dose->value,
            'age' => $this->wish->age,
            'classDays' => $this->wish->classDays,
            'homeDays' => $this->wish->homeDays,
            'weeksContacts' => $this->wish->weeksContacts,
            'mayJump' => $this->wish->mayJump,
            'easy' => $this->wish->easy,
            'daysSincePain' => $this->wish->daysSincePain,
            'lighterFrom' => $this->wish->lighterFrom,
            'mayWork' => $this->wish->mayWork,
        ];
    }
}
